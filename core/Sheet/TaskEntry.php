<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Minutes that a person has entered on one day of one line, in any state.
 */
final readonly class TaskEntry
{
    public function __construct(public Line $line, public Day $day, public Minutes $minutes)
    {
    }
}
