<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\ComingWork;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\Progress;
use Moss\Core\Effort\ProgressWeek;
use Moss\Core\Effort\RecordedWeek;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Money\Pricing;
use Moss\Core\Planning\Assignee;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProgressTest extends TestCase
{
    public function test_what_remains_lies_on_the_days_that_the_plan_still_gives(): void
    {
        $effort = (new EffortBuilder())->assigned(Assignee::person('ada'), 40, '2026-06-15', '2026-06-19')->entry('ada', 24, '2026-06-16')->effort();

        self::assertSame(['2026-06-18' => 480, '2026-06-19' => 480], self::coming([$effort], '2026-06-17'));
    }

    public function test_what_is_late_lies_on_the_week_that_follows(): void
    {
        $effort = (new EffortBuilder())->assigned(Assignee::person('ada'), 40, '2026-06-01', '2026-06-05')->entry('ada', 30, '2026-06-04')->effort();

        self::assertSame(['2026-06-18' => 120, '2026-06-19' => 120, '2026-06-22' => 120, '2026-06-23' => 120, '2026-06-24' => 120], self::coming([$effort], '2026-06-17'));
    }

    public function test_done_work_has_nothing_to_come(): void
    {
        self::assertSame([], self::coming([(new EffortBuilder())->assigned(Assignee::person('ada'), 40)->doneOn('2026-06-10')->effort()], '2026-06-17'));
    }

    #[DataProvider('tasks')]
    public function test_the_last_week_sums_up_to_plan_and_forecast(EffortBuilder $task, string $today): void
    {
        $effort = $task->effort();
        $forecasting = new Forecasting(Pricing::inHours(), Day::of($today), EffortBuilder::capacities());
        $figures = $forecasting->ofTask($effort);
        $recorded = [
            new RecordedWeek(Week::of('2026-W23'), $figures->actual, Minutes::zero()),
            new RecordedWeek(Week::of('2026-W25'), Minutes::zero(), $figures->pending),
        ];

        $weeks = Progress::of(self::planned($effort), $recorded, ComingWork::of([$effort], $forecasting, EffortBuilder::capacities(), Day::of($today)));
        $last = $weeks[count($weeks) - 1];

        self::assertSame($effort->task->assigned()->toInt(), $last->plannedSoFar->toInt());
        self::assertSame($figures->forecast()->toInt(), $last->forecastSoFar->toInt());
        self::assertSame($figures->forecast()->toInt(), Minutes::sum(array_map(static fn (ProgressWeek $week): Minutes => $week->forecast(), $weeks))->toInt());
        $monday = $weeks[0]->week->monday();
        foreach ($weeks as $index => $week) {
            self::assertSame($monday->plusDays(7 * $index)->toString(), $week->week->monday()->toString());
        }
    }

    /** @return iterable<string, array{EffortBuilder, string}> */
    public static function tasks(): iterable
    {
        foreach (['2026-06-01', '2026-06-17', '2026-09-01'] as $today) {
            yield 'under way on '.$today => [(new EffortBuilder())->planned(50)->assigned(Assignee::person('ada'), 40)->entry('ada', 12)->entry('bo', 5), $today];
            yield 'over, with estimates on '.$today => [(new EffortBuilder())->assigned(Assignee::person('ada'), 40)->assigned(Assignee::team('field'), 20)->entry('ada', 46)->estimated('ada', 7, '2026-06-12'), $today];
            yield 'over-assigned on '.$today => [(new EffortBuilder())->planned(10)->assigned(Assignee::person('ada'), 40), $today];
        }
    }

    public function test_days_fall_in_their_weeks_and_weeks_between_are_empty(): void
    {
        $weeks = Progress::of(
            ['2026-06-21' => Minutes::of(60), '2026-06-15' => Minutes::of(30), '2026-07-01' => Minutes::of(15)],
            [],
            ['2026-06-22' => Minutes::of(120)],
        );

        self::assertSame([['2026-W25', 90, 0, 90, 0], ['2026-W26', 0, 120, 90, 120], ['2026-W27', 15, 0, 105, 120]], array_map(static fn (ProgressWeek $week): array => [
            $week->week->toString(), $week->planned->toInt(), $week->remaining->toInt(), $week->plannedSoFar->toInt(), $week->forecastSoFar->toInt(),
        ], $weeks));
        self::assertSame([], Progress::of([], [], []));
    }

    /** @return array<string, Minutes> by day */
    private static function planned(TaskEffort $effort): array
    {
        $byDay = [];
        foreach ($effort->task->assignments as $assignment) {
            foreach ($assignment->spread(EffortBuilder::capacities()->for($assignment->assignee))->byDay() as $date => $minutes) {
                $byDay[$date] = ($byDay[$date] ?? Minutes::zero())->plus($minutes);
            }
        }

        return $byDay;
    }

    /**
     * @param  list<TaskEffort>  $efforts
     * @return array<string, int>
     */
    private static function coming(array $efforts, string $today): array
    {
        return array_map(static fn (Minutes $minutes): int => $minutes->toInt(), ComingWork::of($efforts, new Forecasting(Pricing::inHours(), Day::of($today), EffortBuilder::capacities()), EffortBuilder::capacities(), Day::of($today)));
    }
}
