<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

use Moss\Core\Time\Minutes;

/** Somebody's work on a task in a role. */
final readonly class ScheduledWork
{
    /**
     * @param  string  $assignee  `person:CODE` or `team:CODE`
     * @param  string  $role  code; empty for none
     * @param  list<array{string, string, int}>  $stretches  first day, last day and minutes, as they are planned, in the order of days
     * @param  array<string, int>  $byDay  the same minutes laid over days, in the order of days, none with 0
     */
    public function __construct(public string $task, public string $assignee, public string $role, public array $stretches, public array $byDay)
    {
    }

    public function key(): string
    {
        return self::keyOf($this->task, $this->assignee, $this->role);
    }

    public static function keyOf(string $task, string $assignee, string $role): string
    {
        return trim("$task $assignee $role");
    }

    public function planned(): Minutes
    {
        return Minutes::of(array_sum($this->byDay));
    }

    public function lastDay(): string
    {
        return (string) (array_key_last($this->byDay) ?? '');
    }
}
