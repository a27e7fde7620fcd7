<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;

/** Planned and recorded minutes of one subject, on a day or on days that no grouping of the comparison tells apart. */
final readonly class ComparedAmount
{
    /** @param  Day|null  $day  any of the days; null for what belongs to none */
    public function __construct(public WorkItem $subject, public ?Day $day, public ComparisonRow $row)
    {
    }
}
