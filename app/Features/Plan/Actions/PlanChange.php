<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

/** Other values for fields of a task or an assignment, as typed. */
final readonly class PlanChange
{
    public const TASK_FIELDS = ['name', 'code', 'phase', 'planned', 'budget', 'startsOn', 'endsOn', 'chargeCode'];

    public const ASSIGNMENT_FIELDS = ['assignee', 'role', 'planned', 'startsOn', 'endsOn'];

    /**
     * @param  int|null  $task  the task, or null
     * @param  list<int>  $assignments  the assignment; several where hours were given by day
     * @param  array<string, string>  $fields
     */
    public function __construct(public ?int $task, public array $assignments, public array $fields)
    {
    }

    /** Where a fault of a field is. */
    public function place(string $field): string
    {
        return ($this->task === null ? 'a'.implode('-', $this->assignments) : 't'.$this->task).'.'.$field;
    }
}
