<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Recorded minutes of one subject, with what is asked of them, and with what is planned of it where both are read together. */
final readonly class RecordedTime
{
    /**
     * @param  bool  $withPending  whether pending time counts as actual
     * @param  bool  $asksBillable  whether what is billable is told apart
     * @param  ComparedMoney|null  $money  of what counts as actual
     * @param  bool  $asksAttendance  whether the time counts as entered by somebody whose expected time is known
     * @param  ComparisonRow|null  $planned  what is planned of the subject
     */
    public static function amount(WorkItem $subject, Day $day, Minutes $actual, Minutes $pending, bool $withPending, bool $asksBillable = false, ?ComparedMoney $money = null, bool $asksAttendance = false, ?ComparisonRow $planned = null): ComparedAmount
    {
        $counted = $withPending ? $actual->plus($pending) : $actual;

        return new ComparedAmount($subject, $day, new ComparisonRow(
            $planned === null ? Minutes::zero() : $planned->planned,
            $planned === null ? Minutes::zero() : $planned->plannedToDate,
            $counted,
            $pending,
            $asksBillable ? ($subject->isBillable ? $counted : Minutes::zero()) : null,
            $money,
            $asksAttendance ? new ComparedAttendance(Minutes::zero(), Minutes::zero(), $actual->plus($pending)) : null,
        ));
    }
}
