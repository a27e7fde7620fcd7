<?php

declare(strict_types=1);

namespace Tests\Core\Pay;

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
    public static function sums(PayRule $rule, array $times, array $holidays): array
    {
        $sums = [];
        foreach (self::minutes($rule, $times, $holidays) as [, $kind]) {
            $sums[$kind] = ($sums[$kind] ?? 0) + 1;
        }

        return $sums;
    }

    /**
     * @param  list<PaidTime>  $times
     * @param  list<string>  $holidays
     * @return array<string, int>
     */
    public static function ofEntry(PayRule $rule, array $times, array $holidays, int $id): array
    {
        $sums = [];
        foreach (self::minutes($rule, $times, $holidays) as [$entry, $kind]) {
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
    private static function minutes(PayRule $rule, array $times, array $holidays): iterable
    {
        $ofWeek = 0;
        $worked = [];
        foreach ($times as $time) {
            $worked[$time->day->toString()] = ($worked[$time->day->toString()] ?? 0) + $time->minutes;
        }
        foreach (array_keys($worked) as $date) {
            $ofDay = array_values(array_filter($times, static fn (PaidTime $time): bool => $time->day->toString() === $date));
            $night = array_sum(array_map(static fn (PaidTime $time): int => $time->nightMinutes, $ofDay));
            $isSeventh = $rule->seventhDay && $ofDay[0]->day->weekday() === 7 && count($worked) === 7;
            $number = 0;
            foreach ($ofDay as $time) {
                for ($minute = 0; $minute < $time->minutes; $minute++) {
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
                        }
                    }
                    yield [$time->id, $kind];
                }
            }
        }
    }
}
