<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Props;

/** One day with what is pencilled for it, in minutes. */
final readonly class DayReminderDayProps
{
    /**
     * @param  bool  $isUsed  whether the link has inked this day already; then nothing of it is shown
     * @param  list<DayReminderLineProps>  $lines
     */
    public function __construct(public string $date, public bool $isUsed, public int $expected, public int $entered, public int $pencilled, public array $lines)
    {
    }
}
