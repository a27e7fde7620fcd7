<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Recorded minutes of one subject. */
final readonly class RecordedTime
{
    /** @param  bool  $withPending  whether pending time counts as actual */
    public static function amount(WorkItem $subject, Day $day, Minutes $actual, Minutes $pending, bool $withPending): ComparedAmount
    {
        return new ComparedAmount($subject, $day, new ComparisonRow(Minutes::zero(), Minutes::zero(), $withPending ? $actual->plus($pending) : $actual, $pending));
    }
}
