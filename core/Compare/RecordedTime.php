<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Recorded minutes of one subject on a day, or on any day of the period where the grouping does not ask which. */
final readonly class RecordedTime
{
    public function __construct(public WorkItem $subject, public Day $day, public Minutes $minutes, public bool $isActual)
    {
    }
}
