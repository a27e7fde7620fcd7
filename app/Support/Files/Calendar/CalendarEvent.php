<?php

declare(strict_types=1);

namespace App\Support\Files\Calendar;

use Moss\Core\Calendar\DayRange;

/** An event of whole days in a calendar file. */
final readonly class CalendarEvent
{
    /** @param  string  $uid  the same in every file for the same event */
    public function __construct(public string $uid, public string $summary, public DayRange $days)
    {
    }
}
