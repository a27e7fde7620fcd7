<?php

declare(strict_types=1);

namespace Tests\App\Week;

use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What the manager of a project sees of the weeks of people who work on it: that, and nothing else. */
final class PartOfWeekTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,date,hours,note\nada,LENS,FIT,2026-06-16,5,North side\nada,OWN,TRAIN,2026-06-16,3,Interview elsewhere\n"]));
    }

    public function test_a_manager_sees_what_is_on_their_projects(): void
    {
        $address = '/people/ada/week/2026-W25';
        $this->actingAs($this->person('mo'));
        $sheet = $this->given($address);

        self::assertSame([false, false, 0], [$sheet->value('sheet.isWhole'), $sheet->value('sheet.mayRecord'), $sheet->value('sheet.expected')]);
        self::assertSame(array_fill(0, 7, null), self::each($sheet->value('sheet.days'), 'expected'));
        self::assertSame(['LENS', 'LENS', 'LENS'], self::each($sheet->value('sheet.lines'), 'projectCode'));
        self::assertSame([[], [], [], [], [['kind' => 'absent', 'minutes' => null, 'isPencilled' => false]], [], []], self::each($sheet->value('sheet.days'), 'absences'));
        $this->get($address)->assertInertia(fn (AssertableInertia $page) => $page->where('sheet.totals.week', 300));
        foreach (['Interview', 'Training', 'Leave'] as $hidden) {
            $this->get($address)->assertDontSee($hidden);
        }
    }

    public function test_findings_and_the_audit_trail_of_other_lines_are_not_theirs(): void
    {
        $this->actingAs($this->person('mo'));

        $this->get('/people/ada/week/2026-W25/findings')->assertExactJson(['findings' => [], 'spans' => null]);
        $this->get('/people/ada/week/2026-W25/audit-trail?task='.$this->task('FIT')->id.'&date=2026-06-16')->assertOk();
        $this->get('/people/ada/week/2026-W25/audit-trail?task='.$this->task('TRAIN')->id.'&date=2026-06-16')->assertForbidden();
    }

    public function test_putting_somebody_on_a_task_opens_no_more_of_their_week(): void
    {
        DB::table('entries')->where('task_id', $this->task('FIT')->id)->delete();
        $this->actingAs($this->person('mo'))->postJson('/projects/LENS/plan', ['lines' => [['task' => 'FIT', 'who' => 'bo', 'planned' => '1', 'startsOn' => '2026-06-15', 'endsOn' => '2026-06-15']]])->assertOk();

        $this->get('/people/bo/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->where('sheet.isWhole', false)->where('sheet.totals.week', 0));
        $this->get('/people/ada/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->where('sheet.totals.week', 0));
    }

    public function test_line_manager_and_office_see_the_whole_with_the_kind_of_absence(): void
    {
        foreach (['lee', 'kit'] as $person) {
            $this->actingAs($this->person($person))->get('/people/ada/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page
                ->where('sheet.isWhole', true)->where('sheet.totals.week', 480)->where('sheet.days.4.absences.0.kind', 'Leave'));
        }
    }
}
