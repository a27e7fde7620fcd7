<?php

declare(strict_types=1);

namespace Moss\Core\Leave;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** One day of leave on which the person would otherwise work. */
final readonly class LeaveDay
{
    /**
     * @param  Minutes|null  $minutes  null for all that is expected of the day
     * @param  Minutes  $off  what that comes to now; never more than the day holds
     * @param  int<1, 2>  $halfDays
     */
    public function __construct(public Day $day, public ?Minutes $minutes, public Minutes $off, public int $halfDays)
    {
    }
}
