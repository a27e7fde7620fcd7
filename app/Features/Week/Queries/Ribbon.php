<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\RibbonWeekProps;
use App\Sheet\ExpectedDays;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** The weeks around one, each with its sums by state. */
final class Ribbon
{
    private const BEFORE = 8;

    private const AFTER = 4;

    public static function days(Week $week): DayRange
    {
        return DayRange::between($week->plusWeeks(-self::BEFORE)->monday(), $week->plusWeeks(self::AFTER)->sunday());
    }

    /**
     * @param  list<PastSum>  $history  sums by day and state, also of days outside
     * @return list<RibbonWeekProps>
     */
    public static function around(Week $week, array $history, ExpectedDays $expected, Day $today): array
    {
        $sums = [];
        $weeks = [];
        foreach ($history as $past) {
            $of = $weeks[$past->date->toString()] ??= Week::containing($past->date)->toString();
            $sums[$of][$past->state->value] = ($sums[$of][$past->state->value] ?? 0) + $past->minutes->toInt();
        }
        $ribbon = [];
        for ($offset = -self::BEFORE; $offset <= self::AFTER; $offset++) {
            $ribbon[] = self::week($week->plusWeeks($offset), $sums, $expected, $today);
        }

        return $ribbon;
    }

    /** @param  array<string, array<string, int>>  $sums */
    private static function week(Week $week, array $sums, ExpectedDays $expected, Day $today): RibbonWeekProps
    {
        $states = $sums[$week->toString()] ?? [];

        return new RibbonWeekProps(
            $week->toString(),
            $week->monday()->toString(),
            // Where what a week asks is not shown, what is on it stands for itself.
            $expected->showsHours() ? $expected->within($week->days())->toInt() : array_sum($states),
            $states[EntryState::Draft->value] ?? 0,
            $states[EntryState::Submitted->value] ?? 0,
            $states[EntryState::Returned->value] ?? 0,
            ($states[EntryState::Approved->value] ?? 0) + ($states[EntryState::Settled->value] ?? 0),
            $week->equals(Week::containing($today)),
        );
    }
}
