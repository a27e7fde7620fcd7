<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Models\Assignment;
use App\Models\Task;

/** How an assignee in a role is planned on a task: stretches of days, each with its minutes. */
final readonly class PlannedStretches
{
    /**
     * @param  array{person_id: int|null, team_id: int|null}  $assignee
     * @param  non-empty-list<array{string, string, int}>  $stretches  first day, last day and minutes; no two begin on the same day
     */
    public function __construct(public Task $task, public array $assignee, public ?int $role, public array $stretches)
    {
    }

    public static function keyOf(int $task, ?int $person, ?int $team, ?int $role): string
    {
        return implode(' ', [$task, $person ?? '-', $team ?? '-', $role ?? '-']);
    }

    public function key(): string
    {
        return self::keyOf($this->task->id, $this->assignee['person_id'], $this->assignee['team_id'], $this->role);
    }

    public function minutes(): int
    {
        return array_sum(array_column($this->stretches, 2));
    }

    /** @return non-empty-list<Assignment> not stored yet */
    public function assignments(): array
    {
        return array_map(fn (array $stretch): Assignment => new Assignment([
            'task_id' => $this->task->id, 'person_id' => $this->assignee['person_id'], 'team_id' => $this->assignee['team_id'], 'role_id' => $this->role,
            'starts_on' => $stretch[0], 'ends_on' => $stretch[1], 'planned_minutes' => $stretch[2],
        ]), $this->stretches);
    }
}
