<?php

declare(strict_types=1);

namespace App\Features\Calendars\Props;

/** A public holiday. */
final readonly class HolidayRowProps
{
    /** @param  string  $part  of the day that is off, a decimal from 0 to 1 */
    public function __construct(public int $id, public string $date, public string $name, public string $part)
    {
    }
}
