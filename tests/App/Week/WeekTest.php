<?php

declare(strict_types=1);

namespace Tests\App\Week;

use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class WeekTest extends TestCase
{
    private const HEADER = "person,project,task,role,date,hours,state\n";

    public function test_the_week_opens_with_the_assigned_tasks_holidays_and_absences(): void
    {
        $this->import(Lighthouse::files());

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertOk()->assertInertia(fn (AssertableInertia $page) => $page
            ->component('Week')
            ->where('sheet.number', 25)
            ->where('sheet.expected', 480 * 3 + 120)
            ->where('sheet.days.0.holiday', 'Harbour Day')
            ->where('sheet.days.0.expected', 0)
            ->where('sheet.days.2.isToday', true)
            ->where('sheet.days.4.absences.0', ['kind' => 'Leave', 'minutes' => 240, 'isPencilled' => false])
            ->where('sheet.days.5.isWorkingDay', false)
            // The done drawings and the closed project are not among them.
            ->where('sheet.lines', fn (mixed $lines): bool => self::each($lines, 'taskName') === ['Clean the lens', 'Fit the lens'])
            ->where('sheet.mayRecord', true)
            ->has('sheet.ribbon', 13));
    }

    public function test_a_line_with_time_stays_whatever_becomes_of_its_task(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => self::HEADER."ada,OLD,SCRAP,surveyor,2026-06-16,2,approved\nada,OWN,TRAIN,,2026-06-16,1,draft\n"]));

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.lines', fn (mixed $lines): bool => self::each($lines, 'taskName') === ['Clean the lens', 'Fit the lens', 'Scrap it', 'Training'])
            ->where('sheet.lines.2.closedBecause', fn (?string $why): bool => str_contains((string) $why, 'closed'))
            ->where('sheet.lines.2.cells.1.minutes', 120));
    }

    public function test_a_task_marked_as_done_is_no_longer_offered(): void
    {
        $this->import(Lighthouse::files(['remaining_estimates.csv' => "person,project,task,on,remaining,done\nada,LENS,FIT,2026-06-12,0,yes\n"]));

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.lines', fn (mixed $lines): bool => self::each($lines, 'taskName') === ['Clean the lens']));
    }

    public function test_a_posted_correction_stands_beside_the_cell(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => self::HEADER."ada,LENS,FIT,surveyor,2026-06-09,8,settled\n"]));
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state,corrects\nada,LENS,FIT,surveyor,2026-06-16,-0:30,approved,2026-06-09\n"]);

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('sheet.lines.1.cells.1.minutes', null)
            ->where('sheet.lines.1.cells.1.adjustments.0.minutes', -30)
            ->where('sheet.totals.week', -30));
    }

    public function test_submitting_gives_every_entry_to_its_approver_and_twice_is_once(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => self::HEADER."ada,LENS,FIT,surveyor,2026-06-16,8,draft\nada,OWN,TRAIN,,2026-06-17,2,returned\nada,LENS,FIT,surveyor,2026-06-22,8,draft\n"]));
        $ada = $this->actingAs($this->person('ada'));

        $ada->post('/people/ada/days/2026-W25/submission')->assertRedirect()->assertSessionHas('message', "10\u{00A0}h submitted.");
        $ada->post('/people/ada/days/2026-W25/submission')->assertSessionHas('message', 'There is nothing left to submit.');

        self::assertSame(['submitted', 'mo'], $this->standing('FIT', '2026-06-16'));
        self::assertSame(['submitted', 'kit'], $this->standing('TRAIN', '2026-06-17'));
        self::assertSame(['draft', null], $this->standing('FIT', '2026-06-22'));
        self::assertSame(2, DB::table('audit_trail')->where('act', 'submit')->count());
    }

    public function test_an_empty_route_and_self_approval_approve_at_once(): void
    {
        $entries = ['entries.csv' => self::HEADER."ada,LENS,FIT,surveyor,2026-06-16,8,draft\n"];
        $this->import(Lighthouse::files($entries + ['organisation.csv' => "key,value\napproval,none\n"]));
        $this->actingAs($this->person('ada'))->post('/people/ada/days/2026-W25/submission')->assertSessionHas('message', "8\u{00A0}h submitted and approved.");
        self::assertSame(['approved', null], $this->standing('FIT', '2026-06-16'));
    }

    public function test_what_nobody_has_decided_on_is_taken_back(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => self::HEADER."ada,LENS,FIT,surveyor,2026-06-16,8,submitted\nada,LENS,CLEAN,,2026-06-16,1,approved\n"]));
        $ada = $this->actingAs($this->person('ada'));

        $ada->delete('/people/ada/days/2026-W25/submission')->assertSessionHas('message', "8\u{00A0}h taken back. They are drafts again.");
        $ada->delete('/people/ada/days/2026-W25/submission')->assertSessionHas('message', fn (string $message): bool => str_contains($message, 'Nothing here can be taken back'));

        self::assertSame(['draft', null], $this->standing('FIT', '2026-06-16'));
        self::assertSame('approved', $this->entry('ada', 'CLEAN', '2026-06-16')?->state->value);
    }

    #[DataProvider('noWeeks')]
    public function test_a_week_that_does_not_exist_is_named_as_such(string $week): void
    {
        $this->import(Lighthouse::files());

        $this->actingAs($this->person('ada'))->get('/week/'.$week)->assertNotFound()
            ->assertInertia(fn (AssertableInertia $page) => $page->component('Fault')->where('signedIn.code', 'ada')->where('sentence', "There is no week “{$week}”. Enter a week such as 2026-W25."));
    }

    /** @return iterable<array{string}> */
    public static function noWeeks(): iterable
    {
        yield ['2026-W60'];
        yield ['2025-W53'];
        yield ['next'];
    }

    public function test_the_week_opens_with_at_most_sixteen_queries_however_much_there_is(): void
    {
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('ada'));
        $this->get('/week/2026-W25');
        $few = $this->queriesOf(fn () => $this->get('/week/2026-W25')->assertOk());
        [$tasks, $assignments, $entries] = ['', '', ''];
        foreach (range(10, 49) as $number) {
            $tasks .= "LENS,T$number,Task $number\n";
            $assignments .= "LENS,T$number,ada,2,2026-01-01,2026-12-31\n";
            foreach (range(1, 28) as $day) {
                $entries .= sprintf("ada,LENS,T%d,2026-06-%02d,0:15,approved\n", $number, $day);
            }
        }
        $this->import(['tasks.csv' => "project,task,name\n".$tasks, 'assignments.csv' => "project,task,person,planned,starts_on,ends_on\n".$assignments, 'entries.csv' => "person,project,task,date,hours,state\n".$entries]);
        $many = $this->queriesOf(fn () => $this->get('/week/2026-W25')->assertOk()->assertInertia(fn (AssertableInertia $page) => $page->has('sheet.lines', 42)));

        self::assertSame($few, $many);
        // One more reads who is signed in, which a test need not.
        self::assertLessThanOrEqual(15, $many);
    }

    /** @return array{string|null, string|null} state and approver */
    private function standing(string $task, string $date): array
    {
        $entry = $this->entry('ada', $task, $date);
        $approver = DB::table('people')->where('id', $entry?->approver_id)->value('code');

        return [$entry?->state->value, is_string($approver) ? $approver : null];
    }
}
