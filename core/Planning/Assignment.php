<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/**
 * An assignee on a task in a role, with planned minutes over days.
 */
final readonly class Assignment
{
    public function __construct(
        public Assignee $assignee,
        public ?string $role,
        public Minutes $planned,
        public DayRange $days,
    ) {
    }

    /** @param  Capacity  $capacity  of the assignee's days */
    public function spread(Capacity $capacity): Spread
    {
        return Spread::over($this->planned, $this->days, $capacity);
    }
}
