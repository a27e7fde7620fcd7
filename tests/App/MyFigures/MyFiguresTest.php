<?php

declare(strict_types=1);

namespace Tests\App\MyFigures;

use App\Models\AuditTrailRow;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Today is Wednesday 17 June 2026. */
final class MyFiguresTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files([
            'entries.csv' => <<<'CSV'
                person,project,task,role,date,hours,state,billable
                ada,LENS,FIT,,2026-06-16,8,approved,
                ada,LENS,FIT,senior,2026-06-17,3,draft,
                ada,LENS,CLEAN,,2026-05-04,2,approved,no
                ada,OWN,TRAIN,,2026-06-04,1,approved,no
                ada,LENS,DRAW,,2026-06-09,13,approved,
                bo,LENS,FIT,,2026-06-16,5,approved,

                CSV,
            'remaining_estimates.csv' => "person,project,task,on,remaining\nada,LENS,DRAW,2026-06-03,10\nada,LENS,FIT,2026-06-16,30\n",
        ]));
    }

    public function test_own_time_is_told_by_project_role_month_and_quarter_and_adds_up(): void
    {
        $figures = $this->figures('ada', 'this-quarter');

        self::assertSame([1620, 180], [$figures->int('total.entered'), $figures->int('total.pending')]);
        foreach (['projects', 'roles', 'months', 'quarters'] as $kind) {
            self::assertSame(1620, $figures->sum($kind, 'entered'), $kind);
            self::assertSame(1440, $figures->sum($kind, 'billable'), $kind);
        }
        self::assertSame(['LENS', 'OWN'], array_map(static fn (PageProps $group): string => $group->text('code'), $figures->rows('projects')));
        self::assertSame([['surveyor', 1440], ['senior', 180]], array_map(static fn (PageProps $group): array => [$group->text('code'), $group->int('entered')], $figures->rows('roles')));
        self::assertSame('88.9', $figures->text('total.billableShare'));
        self::assertSame($figures->sum('months', 'expected'), $figures->rows('quarters')[0]->int('expected'));
    }

    public function test_others_time_is_not_in_it(): void
    {
        self::assertSame(300, $this->figures('bo', 'this-month')->int('total.entered'));
        self::assertSame(0, $this->figures('mo', 'this-month')->int('total.entered'), 'Nor what others record on own projects.');
    }

    public function test_what_time_brings_in_shows_where_the_office_lets_it(): void
    {
        self::assertSame([null, null], [$this->figures('ada', 'this-month')->value('currency'), $this->figures('ada', 'this-month')->value('total.billValue')]);
        $this->actingAs($this->person('kit'))->put('/office/rates/bill-value', ['shows' => true])->assertSessionHas('message');
        $this->put('/office/rates/bill-value', ['shows' => true])->assertSessionHas('message');
        $figures = $this->figures('ada', 'this-month');

        // 21 hours of a surveyor at 120; three hours as a senior have no rate.
        self::assertSame(['EUR', 252_000], [$figures->text('currency'), $figures->int('total.billValue')]);
        self::assertSame(1, AuditTrailRow::query()->where('name', 'bill value')->count());
    }

    public function test_estimates_of_finished_tasks_are_told_with_what_they_came_to(): void
    {
        $estimates = $this->figures('ada', 'this-month')->rows('estimates');

        self::assertCount(1, $estimates, 'The lens is not fitted yet.');
        self::assertSame(['Drawings', '2026-06-03', 600, 780, 180, '30.0'], [
            $estimates[0]->text('task'), $estimates[0]->text('on'), $estimates[0]->int('estimated'), $estimates[0]->int('cameTo'), $estimates[0]->int('difference'), $estimates[0]->text('percentage'),
        ]);
    }

    public function test_a_period_that_is_none_is_the_usual_one(): void
    {
        self::assertSame(['this-quarter', '2026-04-01'], [$this->figures('ada', 'soon')->text('period'), $this->figures('ada', 'soon')->text('first')]);
    }

    private function figures(string $person, string $period): PageProps
    {
        $props = null;
        $this->actingAs($this->person($person))->get('/my-figures?period='.$period)->assertOk()->assertInertia(function (AssertableInertia $page) use (&$props): void {
            $page->component('MyFigures');
            $props = PageProps::of($page->toArray())->value('props.figures');
        });

        return PageProps::of($props);
    }
}
