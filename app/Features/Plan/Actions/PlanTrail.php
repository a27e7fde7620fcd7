<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Models\Assignment;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;

/** What was done to a plan, under the codes of project and task, which stay when a row goes. */
final class PlanTrail
{
    /** @var list<TrailLine> */
    private array $lines = [];

    public function __construct(private readonly Trail $trail)
    {
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public function project(Person $actor, Project $project, string $act, ?array $before, ?array $after, string $why = ''): void
    {
        $this->add($actor, TrailSubject::Project, $project->code, $act, $before, $after, null, $why);
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public function task(Person $actor, Project $project, Task $task, string $act, ?array $before, ?array $after): void
    {
        $this->add($actor, TrailSubject::Project, $project->code.'/'.$task->code, $act, $before, $after);
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public function assignment(Person $actor, Project $project, Task $task, Assignment $assignment, string $act, ?array $before, ?array $after): void
    {
        $this->add($actor, TrailSubject::Assignment, $project->code.'/'.$task->code, $act, $before, $after, $assignment->person_id);
    }

    public function write(): void
    {
        $this->trail->of($this->lines);
        $this->lines = [];
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    private function add(Person $actor, TrailSubject $subject, string $name, string $act, ?array $before, ?array $after, ?int $person = null, string $why = ''): void
    {
        if ($before !== $after) {
            $this->lines[] = TrailLine::on($subject, $name, $act, $actor, $before, $after, $person, $why);
        }
    }

    /** @return array<string, string|int|null> */
    public static function told(Assignment|Task $row): array
    {
        return $row instanceof Task
            ? ['name' => $row->name, 'planned_minutes' => $row->planned_minutes, 'budget_cents' => $row->budget_cents, 'starts_on' => $row->starts_on, 'ends_on' => $row->ends_on, 'charge_code' => $row->charge_code]
            : ['planned_minutes' => $row->planned_minutes, 'starts_on' => $row->starts_on, 'ends_on' => $row->ends_on, 'team' => $row->team_id, 'role' => $row->role_id];
    }
}
