<?php

declare(strict_types=1);

namespace Tests\App\HouseRules;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What the rules find in records as they are stored, and how it is said. */
final class FindingsTest extends TestCase
{
    /** @param  array<string, string>  $files */
    #[DataProvider('cases')]
    public function test_a_finding_says_what_and_where_and_what_would_cure_it(array $files, string $rule, string $severity, ?string $date, string $what): void
    {
        $this->import(Lighthouse::files($files));

        $found = $this->findings()[$rule] ?? self::fail($rule.' found nothing');

        self::assertSame([$severity, $date, $what], [$found['severity'], $found['date'], str_replace("\u{00A0}", ' ', $found['what'])]);
        self::assertNotSame('', $found['cure']);
        self::assertStringNotContainsString(':', $found['cure'].preg_replace('/\d:\d/', '', $found['what']), 'every placeholder is filled in');
    }

    /** @return iterable<string, array{array<string, string>, string, string, string|null, string}> */
    public static function cases(): iterable
    {
        $entries = static fn (string ...$lines): array => ['entries.csv' => "person,project,task,role,date,hours,billable,note,client_note\n".implode("\n", $lines)."\n"];

        yield 'a long day' => [$entries('ada,LENS,FIT,surveyor,2026-06-16,12.5,,,'), 'day_above', 'explanation', '2026-06-16', 'Tue 16 Jun has 12.5 h; the limit is 12 h.'];
        yield 'an empty day' => [$entries('ada,LENS,FIT,surveyor,2026-06-17,1,,,'), 'empty_working_day', 'information', '2026-06-16', 'No time on Tue 16 Jun; 8 h expected.'];
        yield 'a long week' => [$entries('ada,LENS,FIT,surveyor,2026-06-16,12,,,', 'ada,LENS,FIT,surveyor,2026-06-17,12,,,', 'ada,LENS,FIT,surveyor,2026-06-18,12,,,'), 'week_above', 'information', null, 'The week has 36 h, 10 h more than the expected 26 h.'];
        yield 'a holiday' => [$entries('ada,LENS,FIT,surveyor,2026-06-15,1,,,'), 'time_on_holiday', 'explanation', '2026-06-15', '1 h on Mon 15 Jun (Harbour Day); 0 h expected.'];
        yield 'an absence' => [$entries('ada,LENS,FIT,surveyor,2026-06-19,2.5,,,'), 'time_on_absence', 'explanation', '2026-06-19', '2.5 h on Fri 19 Jun (Leave); 2 h expected.'];
        yield 'a Saturday' => [$entries('ada,LENS,FIT,surveyor,2026-06-20,2,,,'), 'time_on_free_day', 'information', '2026-06-20', '2 h on Sat 20 Jun, which is not a working day.'];
        yield 'off the step' => [['organisation.csv' => "key,value\nentry_step,15\n"] + $entries('ada,LENS,FIT,surveyor,2026-06-16,1:10,,,'), 'off_step', 'information', '2026-06-16', '1.17 h is not a multiple of 15 minutes.'];
        yield 'not assigned' => [$entries('ada,LENS,POLISH,,2026-06-16,1,,,') + ['tasks.csv' => "project,task,name\nLENS,POLISH,Polish\nLENS,FIT,Fit\nLENS,CLEAN,Clean\nLENS,DRAW,Drawings\nOLD,SCRAP,Scrap it\nOWN,TRAIN,Training\n"], 'not_assigned', 'blocking', '2026-06-16', 'This task is not assigned to you or your team.'];
        yield 'a done task' => [$entries('ada,LENS,DRAW,surveyor,2026-06-16,1,,,'), 'task_closed', 'blocking', '2026-06-16', 'The task was done before this day, or the project is closed.'];
        yield 'a closed project' => [$entries('ada,OLD,SCRAP,surveyor,2026-06-16,1,,,'), 'task_closed', 'blocking', '2026-06-16', 'The task was done before this day, or the project is closed.'];
        yield 'past its last day' => [$entries('ada,OLD,SCRAP,surveyor,2026-06-16,1,,,'), 'task_ended', 'information', '2026-06-16', 'The task was due to end on Sun 31 May.'];
        yield 'before its start' => [['projects.csv' => "project,name,manager,starts_on\nLENS,Lens refit,mo,2026-06-17\nOLD,Old crane,mo,\nOWN,Our own time,kit,\n"] + $entries('ada,LENS,FIT,surveyor,2026-06-16,1,,,'), 'task_not_started', 'information', '2026-06-16', 'The task does not start until Wed 17 Jun.'];
        yield 'more than one’s own assignment has' => [$entries('ada,LENS,FIT,surveyor,2026-05-01,20,,,', 'ada,LENS,FIT,surveyor,2026-06-16,12.5,,,'), 'more_than_remained', 'explanation', null, 'The task has taken 0.5 h more than its remaining hours.'];
        yield 'more than the team’s assignment has, with what others did' => [['people.csv' => Lighthouse::files()['people.csv']."eve,Eve Lin,eve@lighthouse.example,field,,member,,\n"] + $entries('eve,LENS,CLEAN,,2026-06-16,7,,,', 'ada,LENS,CLEAN,,2026-06-16,1.5,,,'), 'more_than_remained', 'explanation', null, 'The task has taken 0.5 h more than its remaining hours.'];
        yield 'more than was estimated' => [['remaining_estimates.csv' => "person,project,task,on,remaining\nada,LENS,FIT,2026-06-15,2\n"] + $entries('ada,LENS,FIT,surveyor,2026-06-16,3,,,'), 'more_than_remained', 'explanation', null, 'The task has taken 1 h more than its remaining hours.'];
        yield 'a budget that is used up' => [['tasks.csv' => "project,task,name,budget\nLENS,FIT,Fit,100\nLENS,CLEAN,Clean,\nLENS,DRAW,Drawings,\nOLD,SCRAP,Scrap it,\nOWN,TRAIN,Training,\n"] + $entries('ada,LENS,FIT,surveyor,2026-06-16,1:09,,,'), 'over_budget', 'information', null, 'The time entered on this project has used up its budget.'];
    }

    public function test_what_is_within_its_limits_is_found_nowhere(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,8\n",
            'tasks.csv' => "project,task,name,budget\nLENS,FIT,Fit,701.20\nLENS,CLEAN,Clean,\nLENS,DRAW,Drawings,\nOLD,SCRAP,Scrap it,\nOWN,TRAIN,Training,\n"]));

        self::assertSame([], $this->findings());
    }

    public function test_what_the_office_has_set_is_found(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,note\nada,LENS,FIT,surveyor,2026-06-16,8,ok\nada,OWN,TRAIN,,2026-06-17,8,\n"]));
        DB::table('house_rules')->insert(['rule' => 'client_note_missing', 'severity' => 'blocking', 'project_id' => $this->task('FIT')->project_id]);
        DB::table('house_rules')->insert(['rule' => 'note_missing', 'severity' => 'explanation', 'team_id' => $this->person('ada')->team_id]);
        DB::table('house_rules')->insert(['rule' => 'note_short', 'severity' => 'explanation', 'limit_number' => 3]);

        self::assertSame(['client_note_missing', 'note_missing', 'note_short'], array_keys($this->findings()));
        self::assertStringContainsString('A note here has 2 characters; the minimum is 3.', $this->findings()['note_short']['what']);
    }

    public function test_a_day_of_start_and_end_is_held_against_its_hours(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,7.5\n"]));
        DB::table('house_rules')->insert(['rule' => 'spans_differ', 'severity' => 'explanation']);
        $say = fn (array $span) => $this->actingAs($this->person('ada'))->putJson('/people/ada/week/2026-W25/spans', $span + ['date' => '2026-06-16']);
        foreach ([['starts' => 'early', 'ends' => '16:30'], ['starts' => '08:00'], ['starts' => '08:00', 'ends' => '08:30', 'breaks' => '30'], ['starts' => '08:00', 'ends' => '16:30', 'date' => '2026-06-22'], ['starts' => '08:00', 'ends' => '24:01'], ['starts' => '8', 'ends' => '16', 'breaks' => 'lunch'], ['starts' => '8', 'ends' => '16', 'breaks' => '17-18']] as $wrong) {
            $say($wrong)->assertUnprocessable();
        }
        $say(['starts' => '08:00', 'ends' => '16:30', 'breaks' => '12-12:30, 15-15:15'])->assertJsonPath('spans', [['date' => '2026-06-16', 'starts' => '08:00', 'ends' => '16:30', 'breaks' => '12:00-12:30, 15:00-15:15', 'minutes' => 465]]);

        self::assertStringContainsString("7.75\u{00A0}h from start to end", $this->findings()['spans_differ']['what']);
        $say(['starts' => '08:00', 'ends' => '16:15', 'breaks' => '45'])->assertJsonPath('findings', []);
        $say([])->assertJsonPath('spans', []);
        self::assertSame(3, DB::table('audit_trail')->where('name', 'start, end and break')->count());
    }

    public function test_a_night_shift_ends_the_next_day_and_breaks_and_rest_are_checked_if_wanted(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,8\nada,LENS,FIT,surveyor,2026-06-17,8\n"]));
        DB::table('house_rules')->insert([['rule' => 'break_after_six', 'severity' => 'explanation', 'limit_number' => 30], ['rule' => 'rest_short', 'severity' => 'information', 'limit_number' => 660]]);
        $say = fn (string $date, string $starts, string $ends, string $breaks) => $this->actingAs($this->person('ada'))->putJson('/people/ada/week/2026-W25/spans', ['date' => $date, 'starts' => $starts, 'ends' => $ends, 'breaks' => $breaks])->assertOk();
        $say('2026-06-16', '22', '6:20', '2-2:20')->assertJsonPath('spans.0.ends', '06:20')->assertJsonPath('spans.0.minutes', 480);
        $say('2026-06-17', '14', '22:30', '18-18:30');

        self::assertSame(['break_after_six', 'rest_short'], array_keys($this->findings()));
        self::assertSame("Tue 16 Jun has 8\u{A0}h of work with 0.33\u{A0}h of breaks; at least 0.5\u{A0}h are required after six hours.", $this->findings()['break_after_six']['what']);
        self::assertStringStartsWith("7.67\u{A0}h of rest before Wed 17 Jun;", $this->findings()['rest_short']['what']);
    }

    public function test_somebody_else_who_recorded_is_named(): void
    {
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('lee'))->putJson('/people/ada/week/2026-W25/cells', ['cells' => [['task' => $this->task('TRAIN')->id, 'date' => '2026-06-16', 'hours' => '8', 'seen' => null]]])->assertOk();

        self::assertSame('Lee Tor recorded this.', $this->findings()['recorded_by_another']['what']);
    }

    public function test_an_explanation_is_stored_changed_and_removed(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,12.5\n"]));
        $say = fn (string $explanation): mixed => $this->actingAs($this->person('ada'))->putJson('/people/ada/week/2026-W25/findings', ['rule' => 'day_above', 'date' => '2026-06-16', 'explanation' => $explanation])->assertOk()->json('findings.0.explanation');

        self::assertSame('Storm', $say(' Storm '));
        self::assertSame('Storm', $say('Storm'));
        self::assertSame('Ebb tide', $say('Ebb tide'));
        self::assertSame('', $say(''));
        self::assertSame(['Storm', 'Ebb tide', ''], DB::table('audit_trail')->where('subject', 'finding')->where('act', 'explain')->orderBy('id')->pluck('why')->all());
    }

    public function test_an_explanation_without_a_finding_is_refused(): void
    {
        $this->import(Lighthouse::files());
        foreach ([['rule' => 'sleeping'], ['rule' => 'day_above', 'date' => 'Tuesday'], ['rule' => 'off_step', 'task' => 999999], ['rule' => 'day_above', 'explanation' => str_repeat('x', 1001)]] as $body) {
            $this->actingAs($this->person('ada'))->putJson('/people/ada/week/2026-W25/findings', $body)->assertUnprocessable();
        }
        self::assertSame(0, DB::table('finding_explanations')->count());
    }

    public function test_the_number_of_queries_does_not_grow_with_the_lines(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,2\n"]));
        $ask = fn () => $this->actingAs($this->person('ada'))->getJson('/people/ada/week/2026-W25/findings')->assertOk();
        $one = $this->queriesOf($ask);
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,CLEAN,,2026-06-16,2\nada,OWN,TRAIN,,2026-06-16,2\nada,LENS,FIT,senior,2026-06-17,2\n"]);

        self::assertSame($one, $this->queriesOf($ask));
    }

    /** @return array<string, array{rule: string, severity: string, date: string|null, what: string, cure: string}> by rule */
    private function findings(): array
    {
        $found = [];
        /** @var list<array{rule: string, severity: string, date: string|null, what: string, cure: string}> $rows */
        $rows = $this->actingAs($this->person('ada'))->getJson('/people/ada/week/2026-W25/findings')->assertOk()->json('findings');
        foreach ($rows as $row) {
            $found[$row['rule']] = $row;
        }

        return $found;
    }
}
