<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Props;

use Moss\Core\Time\HoursFormat;

/** A day of a person, and the days before it that are still open. */
final readonly class DayReminderProps
{
    /**
     * @param  string  $address  of this page, which also inks
     * @param  list<DayReminderDayProps>  $days  the day itself, then those before it, the latest first
     */
    public function __construct(public string $name, public string $week, public array $days, public string $address, public HoursFormat $format)
    {
    }
}
