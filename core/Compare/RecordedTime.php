<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Recorded time of one subject, with what is asked of them, and with what is planned of it where both are read together. */
final readonly class RecordedTime
{
    /**
     * @param  int  $actual  minutes, like those below
     * @param  bool  $withPending  whether pending time counts as actual
     * @param  bool  $asksBillable  whether what is billable is told apart
     * @param  ComparedMoney|null  $money  of what counts as actual
     * @param  bool  $asksAttendance  whether the time counts as entered by somebody whose expected time is known
     * @param  int  $planned  what is planned of the subject
     * @param  int  $toDate  what of that lies on days up to today
     */
    public static function amount(WorkItem $subject, Day $day, int $actual, int $pending, bool $withPending, bool $asksBillable = false, ?ComparedMoney $money = null, bool $asksAttendance = false, int $planned = 0, int $toDate = 0): ComparedAmount
    {
        $counted = self::counted($actual, $pending, $withPending);

        return new ComparedAmount($subject, $day, new ComparisonRow(
            $planned,
            $toDate,
            $counted,
            $pending,
            $asksBillable ? ($subject->isBillable ? $counted : 0) : null,
            $money,
            $asksAttendance ? new ComparedAttendance(Minutes::zero(), Minutes::zero(), Minutes::of($actual + $pending)) : null,
        ));
    }

    /** What counts as actual, in minutes. */
    public static function counted(int $actual, int $pending, bool $withPending): int
    {
        return $withPending ? $actual + $pending : $actual;
    }
}
