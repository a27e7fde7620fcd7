<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Props;

/** What is pencilled on one line. */
final readonly class DayReminderLineProps
{
    public function __construct(public string $line, public string $task, public string $project, public ?string $role, public int $minutes, public string $why)
    {
    }
}
