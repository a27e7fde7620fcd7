<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use Moss\Core\Time\Minutes;

/**
 * Approved absence on one day: some minutes, or all that is expected where none are given.
 */
final readonly class Absence
{
    public function __construct(public Day $day, public ?Minutes $minutes)
    {
    }
}
