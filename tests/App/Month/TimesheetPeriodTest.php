<?php

declare(strict_types=1);

namespace Tests\App\Month;

use App\Models\Message;
use App\Models\Role;
use App\Models\Team;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** ada, whose team's timesheet is a month counted in half days. Today is Wednesday 17 June 2026; Monday 15 is a holiday, and she is away for 4 of the 6 h of Friday 19. */
final class TimesheetPeriodTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->set('month', 'half_day');
        $this->actingAs($this->person('ada'));
    }

    public function test_the_office_sets_what_a_timesheet_of_a_team_covers(): void
    {
        $this->actingAs($this->person('kit'))->put('/office/directory/teams/field', ['name' => 'Field', 'period' => 'two_weeks', 'unit' => 'tenth_of_day'])->assertSessionHasNoErrors();
        $row = $this->given('/office/teams')->rows('directory.rows')[0];
        self::assertSame(['two_weeks', 'tenth_of_day'], [$row->text('period'), $row->text('unit')]);
        self::assertSame(['lead' => null, 'name' => 'Field', 'counted_in' => 'tenth_of_day', 'is_retired' => 'no', 'timesheet_period' => 'two_weeks'], self::sorted(DB::table('audit_trail')->where('subject', 'team')->orderByDesc('id')->value('after')));

        // What is not said stays; an empty unit is hours.
        $this->put('/office/directory/teams/field', ['name' => 'Field'])->assertSessionHasNoErrors();
        self::assertSame('two_weeks', Team::query()->sole()->timesheet_period->value);
        $this->put('/office/directory/teams/field', ['name' => 'Field', 'period' => 'week', 'unit' => ''])->assertSessionHasNoErrors();
        self::assertNull(Team::query()->sole()->counted_in);
        $this->put('/office/directory/teams/field', ['name' => 'Field', 'period' => 'fortnight'])->assertSessionHasErrors('period');
        $this->put('/office/directory/teams/field', ['name' => 'Field', 'unit' => 'quarter'])->assertSessionHasErrors('unit');
    }

    public function test_it_goes_out_and_comes_back_by_file(): void
    {
        $folder = sys_get_temp_dir().'/moss-'.bin2hex(random_bytes(4));
        self::assertSame(0, Artisan::call('moss:export', ['folder' => $folder]));
        $file = (string) file_get_contents("$folder/team_details.csv");
        self::assertSame("team,retired,timesheet_period,counted_in\nfield,no,month,half_day\n", $file);
        $this->set('week', null);
        $this->import(['team_details.csv' => $file]);
        self::assertSame(['month', 'half_day'], [Team::query()->sole()->timesheet_period->value, Team::query()->sole()->counted_in?->value]);
    }

    #[TestWith(['month', null, '/month/2026-06'])]
    #[TestWith(['half_month', null, '/month/2026-06-16--2026-06-30'])]
    #[TestWith(['two_weeks', 'tenth_of_day', '/month/2026-06-15--2026-06-28'])]
    #[TestWith(['week', 'half_day', '/month/2026-W25'])]
    #[TestWith(['week', null, '/week/2026-W25'])]
    public function test_people_begin_with_their_timesheet(string $period, ?string $unit, string $address): void
    {
        $this->set($period, $unit);

        $this->get('/')->assertRedirect($address);
        if ($address !== '/week/2026-W25') {
            $this->get('/month')->assertRedirect($address);
            self::assertTrue($this->given($address)->value('month.isTimesheet'));
        }
    }

    public function test_other_days_are_shown_but_are_no_timesheet(): void
    {
        self::assertFalse($this->given('/month/2026-06-16--2026-06-30')->value('month.isTimesheet'));
        $this->set('half_month', null);
        $this->actingAs($this->person('ada'));
        $page = $this->given('/month/2026-06-16--2026-06-30');
        self::assertSame(['2026-06-01--2026-06-15', '2026-07-01--2026-07-15'], [$page->value('month.before'), $page->value('month.after')]);
        foreach (['2026-06-16--2026-06-15', '2026-06-01--2026-07-15', '2026-06-01--', 'x--y', '2026-W99'] as $days) {
            $this->get('/month/'.$days)->assertNotFound();
        }
    }

    public function test_parts_of_days_are_entered_and_add_up(): void
    {
        self::assertSame([], $this->enter([['FIT', 'surveyor', '2026-06-16', '0.5'], ['CLEAN', null, '2026-06-16', '½'], ['FIT', 'surveyor', '2026-06-17', '1d'], ['FIT', 'surveyor', '2026-06-19', ',5']])->json());

        self::assertSame([240, 240, 480, 60], [
            $this->minutes('FIT', '2026-06-16'), $this->minutes('CLEAN', '2026-06-16'), $this->minutes('FIT', '2026-06-17'), $this->minutes('FIT', '2026-06-19'),
        ]);
        $page = $this->given('/month/2026-06');
        self::assertSame(['2.5', '1', '0.5', 840 + 180], [$page->value('month.enteredInAll.count'), $page->value('month.entered.15.count'), $page->value('month.entered.18.count'), $page->int('month.enteredInAll.minutes')]);
        // 22 working days without the holiday, of which Friday 19 is what is left of it.
        self::assertSame('21', $page->value('month.expectedInAll.count'));
        // What is no whole part of a day is not counted in days.
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-18,3.25\n"]);
        self::assertNull($this->given('/month/2026-06')->value('month.enteredInAll.count'));
    }

    public function test_what_is_no_part_of_a_day_is_refused_by_itself(): void
    {
        $this->set('month', 'half_day');
        $refused = $this->enter([
            ['FIT', 'surveyor', '2026-06-16', '0.3'], ['FIT', 'surveyor', '2026-06-17', '2'], ['FIT', 'surveyor', '2026-06-18', 'all'],
            ['FIT', 'surveyor', '2026-06-20', '1'], ['SCRAP', 'surveyor', '2026-06-16', '1'], ['FIT', 'surveyor', '2026-06-22', '1'],
        ])->json();

        self::assertSame([
            '2026-06-16' => '“0.3” cannot be entered: your team counts in steps of 0.5 of a day.',
            '2026-06-17' => '“2” is more than a day. Enter at most 1.',
            '2026-06-18' => '“all” is not a part of a day. Enter it as 1, 0.5 or ½.',
            '2026-06-20' => 'Nothing is expected of this day, so no part of it can be entered. Enter hours in the week.',
        ], array_column(array_slice(is_array($refused) ? $refused : [], 0, 4), 'message', 'date'));
        self::assertCount(5, is_array($refused) ? $refused : []);
        self::assertSame([null, 480], [$this->entry('ada', 'FIT', '2026-06-16'), $this->minutes('FIT', '2026-06-22')]);
    }

    public function test_cells_are_changed_as_they_were_seen_and_cleared(): void
    {
        $this->enter([['FIT', 'surveyor', '2026-06-16', '1']])->assertOk();
        $version = $this->entry('ada', 'FIT', '2026-06-16')?->version;
        self::assertCount(1, (array) $this->enter([['FIT', 'surveyor', '2026-06-16', '0.5', 99]])->json());
        self::assertSame([], $this->enter([['FIT', 'surveyor', '2026-06-16', '0.5', $version]])->json());
        self::assertSame(240, $this->minutes('FIT', '2026-06-16'));
        self::assertSame([], $this->enter([['FIT', 'surveyor', '2026-06-16', '', ($version ?? 0) + 1]])->json());
        self::assertNull($this->entry('ada', 'FIT', '2026-06-16'));
    }

    public function test_the_rest_is_filled_in_days_and_half_a_day_is_taken_out_again(): void
    {
        $this->post('/month/2026-06/filled', ['task' => $this->task('FIT')->id, 'role' => Role::query()->where('code', 'surveyor')->sole()->id])
            ->assertSessionHas('message', "21\u{A0}days recorded on Fit the lens.");
        self::assertSame([], $this->enter([['FIT', 'surveyor', '2026-06-19', '0.5', $this->entry('ada', 'FIT', '2026-06-19')?->version]])->json());

        $page = $this->given('/month/2026-06');
        self::assertSame(['20.5', '0.5'], [$page->value('month.enteredInAll.count'), $page->value('month.free.count')]);
        self::assertSame(60, $this->minutes('FIT', '2026-06-19'));
    }

    public function test_hours_are_entered_where_hours_are_counted(): void
    {
        $this->set('month', null);
        self::assertCount(1, (array) $this->enter([['FIT', 'surveyor', '2026-06-16', '7:30'], ['CLEAN', null, '2026-06-16', 'much']])->json());
        self::assertSame(450, $this->minutes('FIT', '2026-06-16'));
    }

    public function test_cells_of_other_days_or_twice_the_same_are_refused_together(): void
    {
        $this->enter([['FIT', 'surveyor', '2026-07-01', '1']])->assertUnprocessable();
        $this->enter([['FIT', 'surveyor', '2026-06-16', '1'], ['FIT', 'surveyor', '2026-06-16', '0.5']])->assertUnprocessable();
        $this->putJson('/month/2026-06/cells', ['cells' => [['task' => 'x', 'date' => 'soon', 'text' => []]]])->assertUnprocessable();
        self::assertNull($this->entry('ada', 'FIT', '2026-06-16'));
    }

    public function test_a_timesheet_is_submitted_and_taken_back_as_a_whole(): void
    {
        $this->import(['entries.csv' => <<<'CSV'
            person,project,task,role,date,hours
            ada,OWN,TRAIN,,2026-06-03,8
            ada,OWN,TRAIN,,2026-06-30,8
            ada,OWN,TRAIN,,2026-07-01,8

            CSV]);
        $this->getJson('/people/ada/days/2026-06/submission')->assertOk()->assertJsonPath('minutes', 960)->assertJsonPath('entries', 2);

        $this->post('/people/ada/days/2026-06/submission')->assertSessionHas('message', "16\u{A0}h submitted.")->assertSessionHas('undo', '/people/ada/days/2026-06/submission');
        self::assertSame(['2026-06-03' => 'submitted', '2026-06-30' => 'submitted', '2026-07-01' => 'draft'], DB::table('entries')->pluck('state', 'date')->all());
        // Twice is the same as once.
        $this->post('/people/ada/days/2026-06/submission')->assertSessionHas('message', 'There is nothing left to submit.');
        self::assertSame([0, 960], [$this->given('/month/2026-06')->int('month.open'), $this->given('/month/2026-06')->int('month.submitted')]);

        $this->delete('/people/ada/days/2026-06/submission')->assertSessionHas('message', "16\u{A0}h taken back. They are drafts again.");
        self::assertSame(['draft'], DB::table('entries')->distinct()->pluck('state')->all());
        $this->actingAs($this->person('bo'))->post('/people/ada/days/2026-06/submission')->assertForbidden();
    }

    public function test_findings_of_all_its_weeks_are_explained_each_in_its_own(): void
    {
        $this->import([
            'house_rules.csv' => "rule,severity,limit,from\nday_above,explanation,600,2026-01-01\n",
            'entries.csv' => "person,project,task,role,date,hours\nada,OWN,TRAIN,,2026-06-03,11\nada,OWN,TRAIN,,2026-06-24,12\n",
        ]);
        $found = array_values(array_filter((array) $this->getJson('/people/ada/days/2026-06/submission')->json('findings'), static fn (mixed $one): bool => is_array($one) && $one['rule'] === 'day_above'));
        self::assertSame(['2026-W23', '2026-W26'], array_column($found, 'week'));
        $explained = static fn (string $week, string $date): array => ['week' => $week, 'rule' => 'day_above', 'date' => $date, 'explanation' => 'Storm'];

        $this->post('/people/ada/days/2026-06/submission', ['explanations' => [$explained('2026-W23', '2026-06-03')]])->assertSessionHas('refusal');
        self::assertSame(['draft'], DB::table('entries')->distinct()->pluck('state')->all());
        $this->post('/people/ada/days/2026-06/submission', ['explanations' => [$explained('2026-W23', '2026-06-03'), $explained('2026-W26', '2026-06-24')]])->assertSessionHas('message');
        self::assertSame(['2026-W23', '2026-W26'], DB::table('findings')->where('rule', 'day_above')->orderBy('week')->pluck('week')->all());
        $this->postJson('/people/ada/days/2026-06/submission', ['explanations' => [$explained('soon', '2026-06-03')]])->assertUnprocessable();
    }

    public function test_a_timesheet_is_missing_in_the_week_in_which_it_ends(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,OWN,TRAIN,,2026-06-03,8,submitted\nada,OWN,TRAIN,,2026-06-17,4,draft\nada,OWN,TRAIN,,2026-06-30,2,draft\nada,OWN,TRAIN,,2026-07-01,8,draft\n"]);
        $this->actingAs($this->person('lee'));
        self::assertNotContains('ada', $this->missingIn('2026-W25'), 'the month goes on');

        $row = $this->given('/not-submitted?week=2026-W27')->rows('notSubmitted.missing')[0];
        self::assertSame(['ada', '2026-06', 480, 360], [$row->text('code'), $row->text('days'), $row->int('submitted'), $row->int('draft')]);
        self::assertSame($this->expectedOfJune(), $row->int('expected'));

        $this->set('two_weeks', null);
        self::assertNotContains('ada', $this->missingIn('2026-W25'));
        $row = $this->given('/not-submitted?week=2026-W26')->rows('notSubmitted.missing')[0];
        self::assertSame(['2026-06-15--2026-06-28', 240], [$row->text('days'), $row->int('draft')]);
        $this->set('half_month', null);
        $row = $this->given('/not-submitted?week=2026-W27')->rows('notSubmitted.missing')[0];
        self::assertSame(['2026-06-16--2026-06-30', 360, 0], [$row->text('days'), $row->int('draft'), $row->int('submitted')]);
    }

    public function test_people_are_reminded_of_their_timesheet_when_it_is_due(): void
    {
        DB::table('people')->where('code', 'ada')->update(['starts_on' => '2026-06-01']);
        DB::table('messages')->delete();
        Artisan::call('moss:messages', ['--at' => '2026-06-22T08:00']);
        self::assertSame(0, Message::query()->where('person_id', $this->person('ada')->id)->whereIn('kind', ['week due', 'week overdue'])->count());
        Artisan::call('moss:messages', ['--at' => '2026-07-01T08:00']);
        Artisan::call('moss:messages', ['--at' => '2026-07-02T08:00']);

        $expected = intdiv($this->expectedOfJune(), 60);
        $texts = self::each($this->given('/messages')->value('messages.messages'), 'text');
        self::assertSame([
            "Your timesheet, Mon 1 Jun to Tue 30 Jun, was due on Wed 1 Jul. Nothing is recorded; $expected\u{A0}h expected.",
            "Submit your timesheet, Mon 1 Jun to Tue 30 Jun, by Wed 1 Jul. It has 0\u{A0}h of the expected $expected\u{A0}h.",
        ], $texts);
        self::assertSame('/month/2026-06', Message::query()->where('kind', 'week due')->where('person_id', $this->person('ada')->id)->sole()->link);
    }

    /** @return list<mixed> codes of those who have not submitted */
    private function missingIn(string $week): array
    {
        return self::each($this->given('/not-submitted?week='.$week)->value('notSubmitted.missing'), 'code');
    }

    private function expectedOfJune(): int
    {
        // 17 days of 8 h and 4 Fridays of 6 h, without the holiday on the 15th and 4 h of the 19th.
        return 17 * 480 + 4 * 360 - 240;
    }

    private function set(string $period, ?string $unit): void
    {
        Team::query()->sole()->update(['timesheet_period' => $period, 'counted_in' => $unit]);
    }

    /**
     * @param  list<array{0: string, 1: string|null, 2: string, 3: string, 4?: int|null}>  $cells  task, role, date, text, version seen
     * @return TestResponse<Response>
     */
    private function enter(array $cells): TestResponse
    {
        return $this->putJson('/month/2026-06/cells', ['cells' => array_map(fn (array $cell): array => [
            'task' => $this->task($cell[0])->id,
            'role' => $cell[1] === null ? null : Role::query()->where('code', $cell[1])->sole()->id,
            'date' => $cell[2],
            'text' => $cell[3],
            'seen' => $cell[4] ?? null,
        ], $cells)]);
    }

    private function minutes(string $task, string $date): ?int
    {
        return $this->entry('ada', $task, $date)?->minutes->toInt();
    }

    /** @return array<array-key, mixed> */
    private static function sorted(mixed $json): array
    {
        $values = (array) json_decode(is_string($json) ? $json : '', true);
        uksort($values, static fn (string|int $one, string|int $other): int => [strlen((string) $one), $one] <=> [strlen((string) $other), $other]);

        return $values;
    }
}
