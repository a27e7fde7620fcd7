<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Props;

use Moss\Core\Schedule\ScheduleConflict;
use Moss\Core\Schedule\ScheduleOutcome;

/** A task of a schedule file, or somebody's work on one, beside the plan. */
final readonly class ScheduleDifferenceProps
{
    /**
     * @param  string  $key  by which it is chosen
     * @param  string  $taskName  of the task
     * @param  string|null  $who  name of a person or team; null for the task itself
     * @param  list<ScheduleChangeProps>  $changes
     */
    public function __construct(public string $key, public ScheduleOutcome $outcome, public string $taskCode, public string $taskName, public ?string $who, public string $role, public array $changes, public ?ScheduleConflict $conflict)
    {
    }
}
