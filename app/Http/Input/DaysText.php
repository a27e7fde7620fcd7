<?php

declare(strict_types=1);

namespace App\Http\Input;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;

/** The days of a timesheet in an address: a week as `2026-W25`, a month as `2026-06`, or else `2026-06-01--2026-06-15`. */
final class DaysText
{
    /** No timesheet covers more. */
    private const MOST = 31;

    public static function of(DayRange $days): string
    {
        $first = $days->first();

        return match (true) {
            Week::containing($first)->days()->equals($days) => Week::containing($first)->toString(),
            TimesheetPeriod::Month->containing($first)->equals($days) => $first->month(),
            default => $first->toString().'--'.$days->last()->toString(),
        };
    }

    /** Null where the text says no such days, or days on which there can be no work. */
    public static function read(string $text): ?DayRange
    {
        try {
            return match (true) {
                str_contains($text, '--') => self::between(...explode('--', $text, 2)),
                str_contains($text, 'W') => WorkWeek::read($text)?->days(),
                default => self::within(TimesheetPeriod::Month->containing(Day::of($text.'-01'))),
            };
        } catch (NotADay) {
            return null;
        }
    }

    /** @throws NotADay */
    private static function between(string $first, string $last): ?DayRange
    {
        $days = Day::of($last)->isBefore(Day::of($first)) ? null : DayRange::between(Day::of($first), Day::of($last));

        return $days === null || $days->count() > self::MOST ? null : self::within($days);
    }

    /** The days, if there can be work on them. */
    public static function within(DayRange $days): ?DayRange
    {
        return WorkDay::limits()->includes($days->first()) && WorkDay::limits()->includes($days->last()) ? $days : null;
    }
}
