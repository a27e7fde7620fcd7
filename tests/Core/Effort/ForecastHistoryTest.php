<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Effort\ComingWork;
use Moss\Core\Effort\ForecastHistory;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Money\Pricing;
use Moss\Core\Planning\Assignee;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ForecastHistoryTest extends TestCase
{
    /** @param  array<string, int>  $hours  by which the forecast changed, by Sunday */
    #[DataProvider('histories')]
    public function test_how_a_forecast_came_about(EffortBuilder $task, array $hours): void
    {
        self::assertSame($hours, array_map(static fn (Minutes $change): int => intdiv($change->toInt(), 60), ForecastHistory::changesOf($task->effort())));
    }

    /** @return iterable<string, array{EffortBuilder, array<string, int>}> */
    public static function histories(): iterable
    {
        $task = static fn (): EffortBuilder => (new EffortBuilder())->assigned(Assignee::person('ada'), 40);

        yield 'as planned' => [$task()->entry('ada', 12, '2026-06-03'), ['' => 40]];
        yield 'past the plan' => [$task()->entry('ada', 30, '2026-06-03')->entry('ada', 16, '2026-06-10'), ['' => 40, '2026-06-14' => 6]];
        yield 'an estimate, and less since' => [
            $task()->entry('ada', 10, '2026-06-03')->estimated('ada', 36, '2026-06-10')->entry('ada', 10, '2026-06-17'),
            ['' => 40, '2026-06-14' => 6],
        ];
        yield 'two words in a week: the later counts' => [
            $task()->estimated('ada', 60, '2026-06-09')->estimated('ada', 44, '2026-06-11'),
            ['' => 40, '2026-06-14' => 4],
        ];
        yield 'said done, then not after all' => [
            $task()->entry('ada', 10, '2026-06-03')->estimated('ada', 0, '2026-06-10', true)->estimated('ada', 5, '2026-06-17'),
            ['' => 40, '2026-06-14' => -30, '2026-06-21' => 5],
        ];
        yield 'done for all' => [$task()->entry('ada', 10, '2026-06-03')->doneOn('2026-06-12'), ['' => 40, '2026-06-14' => -30]];
        yield 'hours that are nobody’s are drawn on' => [
            (new EffortBuilder())->planned(50)->assigned(Assignee::person('ada'), 40)->entry('bo', 6, '2026-06-03')->entry('bo', 8, '2026-06-10'),
            ['' => 50, '2026-06-14' => 4],
        ];
        yield 'a team’s' => [
            (new EffortBuilder())->assigned(Assignee::team('field'), 20)->entry('bo', 24, '2026-06-03', team: 'field'),
            ['' => 20, '2026-06-07' => 4],
        ];
    }

    #[DataProvider('seeds')]
    public function test_changes_come_to_the_forecast_and_each_week_to_what_it_was_then(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        for ($time = 0; $time < 30; $time++) {
            $effort = self::someTask($random)->effort();
            $changes = ForecastHistory::changesOf($effort);
            $forecasting = new Forecasting(Pricing::inHours(), Day::of('2026-06-30'), EffortBuilder::capacities());
            self::assertSame($forecasting->ofTask($effort)->forecast()->toInt(), Minutes::sum(array_values($changes))->toInt());
            self::assertNotContains(0, array_map(static fn (Minutes $change): int => $change->toInt(), $changes));
            $so = 0;
            foreach ($changes as $sunday => $change) {
                $so += $change->toInt();
                if ($sunday !== ForecastHistory::BEGINNING) {
                    self::assertSame($forecasting->ofTask($effort->asOf(Day::of($sunday)))->forecast()->toInt(), $so, $sunday);
                }
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_what_may_come_is_what_remains_and_lies_after_today(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        for ($time = 0; $time < 30; $time++) {
            $today = Day::of('2026-05-20')->plusDays($random->getInt(0, 60));
            $efforts = [self::someTask($random)->effort(), self::someTask($random)->effort()];
            $forecasting = new Forecasting(Pricing::inHours(), $today, EffortBuilder::capacities());
            $coming = ComingWork::of($efforts, $forecasting, EffortBuilder::capacities(), $today);
            $remaining = $forecasting->ofTask($efforts[0])->remaining->plus($forecasting->ofTask($efforts[1])->remaining);

            self::assertSame($remaining->toInt(), Minutes::sum(array_values($coming))->toInt());
            foreach (array_keys($coming) as $date) {
                self::assertGreaterThan($today->toString(), $date);
            }
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([1, 2, 3, 4] as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    /** A task with some of everything. */
    private static function someTask(Randomizer $random): EffortBuilder
    {
        $task = new EffortBuilder();
        $day = static fn (): string => Day::of('2026-05-25')->plusDays($random->getInt(0, 35))->toString();
        if ($random->getInt(0, 1) === 1) {
            $task->planned($random->getInt(0, 120));
        }
        foreach (['ada', 'bo'] as $person) {
            if ($random->getInt(0, 2) > 0) {
                $task->assigned(Assignee::person($person), $random->getInt(0, 80), '2026-06-0'.$random->getInt(1, 9), '2026-06-'.$random->getInt(10, 30));
            }
        }
        if ($random->getInt(0, 2) === 0) {
            $task->assigned(Assignee::team('field'), $random->getInt(0, 60));
        }
        for ($number = $random->getInt(0, 12); $number > 0; $number--) {
            $task->entry(['ada', 'bo', 'cy', 'di'][$random->getInt(0, 3)], $random->getInt(1, 12), $day(), $random->getInt(0, 1) === 0 ? EntryState::Draft : EntryState::Approved, $random->getInt(0, 1) === 0 ? 'field' : null);
        }
        for ($number = $random->getInt(0, 4); $number > 0; $number--) {
            $task->estimated(['ada', 'bo', 'cy'][$random->getInt(0, 2)], $random->getInt(0, 60), $day(), $random->getInt(0, 4) === 0, 'field');
        }
        if ($random->getInt(0, 6) === 0) {
            $task->doneOn($day());
        }

        return $task;
    }
}
