<?php

declare(strict_types=1);

namespace Tests\App\NotSubmitted;

use App\Models\Team;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Moss\Core\Calendar\TimesheetPeriod;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Who has not submitted, and reminding them. */
final class NotSubmittedTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-09,8,draft\nmo,OWN,TRAIN,,2026-06-09,8,submitted\n"]));
        DB::table('messages')->delete();
    }

    public function test_a_line_manager_sees_their_own_people_and_the_office_everybody(): void
    {
        $this->actingAs($this->person('lee'))->get('/not-submitted')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('notSubmitted.week', '2026-W24')->where('notSubmitted.people', 2)->where('notSubmitted.isLate', true)->where('notSubmitted.due', '2026-06-15')
            ->where('notSubmitted.missing', [['code' => 'ada', 'name' => 'Ada Moor', 'team' => 'Field', 'expected' => 2280, 'draft' => 480, 'returned' => 0, 'submitted' => 0, 'missing' => 1800, 'remindedAt' => null, 'days' => '2026-W24']]));

        $this->actingAs($this->person('kit'))->get('/not-submitted')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('notSubmitted.people', 5)->where('notSubmitted.missing', fn ($rows): bool => self::each($rows, 'code') === ['bo', 'kit', 'lee', 'ada']));
        $this->get('/not-submitted?search=field')->assertInertia(fn (AssertableInertia $page) => $page->where('notSubmitted.missingCount', 1));
        $this->get('/not-submitted?week=soon')->assertInertia(fn (AssertableInertia $page) => $page->where('notSubmitted.week', '2026-W24'));
    }

    public function test_what_is_open_and_what_has_gone_are_told_apart(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-10,4,returned\nada,LENS,FIT,surveyor,2026-06-11,2,submitted\nada,LENS,CLEAN,,2026-06-11,1,approved\nada,LENS,CLEAN,,2026-06-15,1,submitted\n"]);
        foreach ([false, true] as $isRecalculated) {
            if ($isRecalculated) {
                DB::table('recalculations')->insert(['kind' => 'recorded_keys', 'scope' => '{}', 'units' => 5, 'queued_at' => '2026-06-17T08:00:00Z']);
            }
            $ada = $this->actingAs($this->person('lee'))->given('/not-submitted')->rows('notSubmitted.missing')[0];
            self::assertSame(['ada', 480, 240, 180, 1380], [$ada->text('code'), $ada->int('draft'), $ada->int('returned'), $ada->int('submitted'), $ada->int('missing')]);
        }
    }

    public function test_a_timesheet_of_two_weeks_is_looked_for_in_both_and_counted_with_the_later(): void
    {
        Team::query()->sole()->update(['timesheet_period' => TimesheetPeriod::TwoWeeks]);
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-02,8,draft\nada,LENS,FIT,surveyor,2026-06-09,8,submitted\n"]);
        $seen = function (string $week): array {
            $page = $this->actingAs($this->person('lee'))->given('/not-submitted?week='.$week);

            return [$page->int('notSubmitted.people'), self::each($page->value('notSubmitted.missing'), 'code'), self::each($page->value('notSubmitted.missing'), 'days')];
        };
        self::assertSame([2, ['ada'], ['2026-06-01--2026-06-14']], $seen('2026-W24'));
        self::assertSame([1, ['mo'], ['2026-W25']], $seen('2026-W25'));
    }

    public function test_while_totals_are_recalculated_entries_say_who_has_submitted(): void
    {
        $missing = fn (): array => self::each($this->actingAs($this->person('lee'))->given('/not-submitted')->value('notSubmitted.missing'), 'code');
        self::assertSame(['ada'], $missing());
        // Totals of time that is gone.
        DB::table('recalculations')->insert(['kind' => 'recorded_keys', 'scope' => '{}', 'units' => 5, 'queued_at' => '2026-06-17T08:00:00Z']);
        DB::table('entries')->where('person_id', $this->person('mo')->id)->delete();
        self::assertSame(['mo', 'ada'], $missing());
    }

    public function test_time_that_was_corrected_to_nothing_was_not_submitted(): void
    {
        $this->import(['entries.csv' => "person,project,task,date,hours,state,corrects\nbo,OWN,TRAIN,2026-06-09,8,settled,\nbo,OWN,TRAIN,2026-06-10,-8,approved,2026-06-09\n"]);
        $missing = fn (): array => self::each($this->actingAs($this->person('kit'))->given('/not-submitted')->value('notSubmitted.missing'), 'code');
        self::assertContains('bo', $missing());
        DB::table('recalculations')->insert(['kind' => 'recorded_keys', 'scope' => '{}', 'units' => 5, 'queued_at' => '2026-06-17T08:00:00Z']);
        self::assertContains('bo', $missing());
    }

    public function test_whoever_was_not_there_has_no_expected_hours(): void
    {
        DB::table('people')->where('code', 'ada')->update(['ends_on' => '2026-06-05']);

        $this->actingAs($this->person('lee'))->get('/not-submitted')->assertInertia(fn (AssertableInertia $page) => $page->where('notSubmitted.people', 1)->where('notSubmitted.missing', []));
    }

    public function test_one_or_all_are_reminded_of_what_is_missing_once_a_day(): void
    {
        $remind = fn (string $who, array $body) => $this->actingAs($this->person($who))->from('/not-submitted')->post('/not-submitted/reminders', $body + ['week' => '2026-W24']);
        $remind('kit', ['people' => ['ada', 'mo']])->assertSessionHas('message', 'One person has been reminded.');
        $remind('kit', [])->assertSessionHas('message', '4 people have been reminded.');
        $remind('lee', ['people' => ['bo']])->assertSessionHas('message', 'Nobody needed a reminder.');
        $remind('lee', [])->assertSessionHas('message', 'One person has been reminded.');

        self::assertSame(['ada' => 2, 'bo' => 1, 'kit' => 1, 'lee' => 1], DB::table('messages')->join('people', 'people.id', 'messages.person_id')->groupBy('people.code')->orderBy('people.code')->selectRaw('people.code, count(*) AS n')->pluck('n', 'code')->all());
        $this->actingAs($this->person('ada'))->get('/messages')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('messages.messages.1.text', "Week 24 was due on Mon 15 Jun. 8\u{00A0}h not submitted. Reminder sent by Kit Ness."));
        $this->actingAs($this->person('lee'))->get('/not-submitted')->assertInertia(fn (AssertableInertia $page) => $page->where('notSubmitted.missing.0.remindedAt', fn (?string $at): bool => $at !== null));
        $remind('kit', ['week' => 'soon'])->assertSessionHasErrors('week');
    }

    public function test_the_office_says_by_when_a_week_is_due(): void
    {
        $this->actingAs($this->person('kit'))->from('/office/periods')->put('/office/periods/due', ['days' => 3])->assertSessionHas('message', 'A week is now due 3 days after its Sunday.');
        $this->put('/office/periods/due', ['days' => 3]);
        $this->from('/office/periods')->put('/office/periods/due', ['days' => 15])->assertSessionHasErrors('days');

        $this->get('/not-submitted')->assertInertia(fn (AssertableInertia $page) => $page->where('notSubmitted.due', '2026-06-17')->where('notSubmitted.isLate', false));
        self::assertSame(1, DB::table('audit_trail')->where('name', 'week due')->count());
    }
}
