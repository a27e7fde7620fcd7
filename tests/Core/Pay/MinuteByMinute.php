<?php

declare(strict_types=1);

namespace Tests\Core\Pay;

use Moss\Core\Calendar\Day;
use Moss\Core\Pay\PaidTime;
use Moss\Core\Pay\PayRule;

/** What every single minute of a week is, one after the other: a second computation, by counting. */
final class MinuteByMinute
{
    /**
     * @param  list<PaidTime>  $times
     * @param  list<string>  $holidays
     * @return array<string, int>
     */
    public static function sums(PayRule $rule, array $times, array $holidays, int $workedBefore = 0): array
    {
        $sums = [];
        foreach (self::minutes($rule, $times, $holidays, $workedBefore) as [, $kind]) {
            $sums[$kind] = ($sums[$kind] ?? 0) + 1;
        }

        return $sums;
    }

    /**
     * @param  list<PaidTime>  $times
     * @param  list<string>  $holidays
     * @return array<string, int>
     */
    public static function ofEntry(PayRule $rule, array $times, array $holidays, int $id, int $workedBefore = 0): array
    {
        $sums = [];
        foreach (self::minutes($rule, $times, $holidays, $workedBefore) as [$entry, $kind]) {
            if ($entry === $id) {
                $sums[$kind] = ($sums[$kind] ?? 0) + 1;
            }
        }

        return $sums;
    }

    /**
     * @param  list<PaidTime>  $times
     * @param  list<string>  $holidays
     * @return iterable<array{int, string}> entry and kind of each minute
     */
    private static function minutes(PayRule $rule, array $times, array $holidays, int $workedBefore): iterable
    {
        $ofWeek = 0;
        $worked = [];
        foreach ($times as $time) {
            $worked[$time->day->toString()] = ($worked[$time->day->toString()] ?? 0) + $time->minutes - self::standBy($rule, $time);
        }
        $isWorked = static fn (int $weekday): bool => $weekday < 1 ? $rule->seventhAcrossWeeks && $weekday + $workedBefore > 0 : ($worked[Day::of('2026-06-14')->plusDays($weekday)->toString()] ?? 0) > 0;
        foreach (array_keys($worked) as $date) {
            $ofDay = array_values(array_filter($times, static fn (PaidTime $time): bool => $time->day->toString() === $date));
            $night = array_sum(array_map(static fn (PaidTime $time): int => min($time->nightMinutes, $time->minutes - self::standBy($rule, $time)), $ofDay));
            $before = array_map(static fn (int $back): bool => $isWorked($ofDay[0]->day->weekday() - $back), range(1, 6));
            $isSeventh = $rule->seventhDay && ! in_array(false, $before, true);
            $number = 0;
            foreach ($ofDay as $time) {
                $standBy = self::standBy($rule, $time);
                $shift = $time->chosen['shift'] ?? 0;
                for ($minute = 0; $minute < $time->minutes; $minute++) {
                    if ($minute < $standBy) {
                        yield [$time->id, 'stand-by'];

                        continue;
                    }
                    $number++;
                    $kind = match (true) {
                        $rule->holidays && in_array($date, $holidays, true) => 'holiday',
                        $rule->sundays && $time->day->weekday() === 7 => 'sunday',
                        ($isSeventh ? $rule->seventhDoubleOver : $rule->dailyDoubleOver) !== null && $number > ($isSeventh ? $rule->seventhDoubleOver : $rule->dailyDoubleOver) => 'double',
                        $isSeventh, $rule->dailyOver !== null && $number > $rule->dailyOver => 'overtime',
                        $rule->weeklyOver !== null && $ofWeek >= $rule->weeklyOver => 'overtime',
                        default => 'regular',
                    };
                    if ($kind === 'regular') {
                        $ofWeek++;
                        if ($rule->nights && $night > 0) {
                            $night--;
                            $kind = 'night';
                        } elseif ($rule->premiums !== [] && $shift > 0) {
                            $shift--;
                            $kind = 'shift';
                        }
                    }
                    yield [$time->id, $kind];
                }
            }
        }
    }

    private static function standBy(PayRule $rule, PaidTime $time): int
    {
        return $rule->premiums === [] ? 0 : min($time->minutes, $time->chosen['stand-by'] ?? 0);
    }
}
