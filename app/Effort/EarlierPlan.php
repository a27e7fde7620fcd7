<?php

declare(strict_types=1);

namespace App\Effort;

use App\Models\PlanStep;
use App\Models\Project;
use App\Support\Database\Record;
use App\Support\Database\Sql;

/** What was planned on a day: for tasks, and for assignees on them. */
final readonly class EarlierPlan
{
    /** @param  array<int, array<string, int>>  $minutes  by task, then by `person:ID`, `team:ID` or nothing for the task itself */
    private function __construct(public ?string $day, private array $minutes)
    {
    }

    /** The plan that is the baseline: as it stood on the day taken for it, else on the first day on which there was one. */
    public static function baseline(Project $project): self
    {
        return self::on($project, $project->baseline_on?->toString() ?? self::dates($project)[0] ?? null);
    }

    public static function on(Project $project, ?string $day): self
    {
        // With max(), SQLite gives the other columns of the row that has it.
        $query = PlanStep::query()->toBase()->join('tasks', 'tasks.id', 'plan_steps.task_id')
            ->where('tasks.project_id', $project->id)->where('plan_steps.starting_on', '<=', $day ?? '')
            ->groupBy('plan_steps.task_id', 'plan_steps.person_id', 'plan_steps.team_id')
            ->addSelect('plan_steps.task_id', 'plan_steps.person_id', 'plan_steps.team_id', 'plan_steps.minutes', Sql::max('plan_steps.starting_on'));
        $minutes = [];
        foreach (Record::all($query) as $step) {
            $assignee = self::key($step->int('person_id') ?: null, $step->int('team_id') ?: null);
            $minutes[$step->int('task_id')][$assignee] = $step->int('minutes');
        }

        return new self($day, $minutes);
    }

    /** @return list<string> days on which the plan became another, in order */
    public static function dates(Project $project): array
    {
        return array_map(static fn (Record $step): string => $step->string('starting_on'), Record::all(PlanStep::query()->toBase()
            ->join('tasks', 'tasks.id', 'plan_steps.task_id')->where('tasks.project_id', $project->id)->distinct()
            ->select('plan_steps.starting_on')->orderBy('plan_steps.starting_on')));
    }

    public function ofTask(int $task): int
    {
        return $this->minutes[$task][''] ?? 0;
    }

    public function ofAssignee(int $task, ?int $person, ?int $team): int
    {
        return $this->minutes[$task][self::key($person, $team)] ?? 0;
    }

    /** @return array<string, int> minutes of assignees by their key */
    public function assigneesOf(int $task): array
    {
        return array_filter($this->minutes[$task] ?? [], static fn (int $minutes, string $assignee): bool => $assignee !== '' && $minutes > 0, ARRAY_FILTER_USE_BOTH);
    }

    public function total(): int
    {
        return array_sum(array_map(static fn (array $assignees): int => $assignees[''] ?? 0, $this->minutes));
    }

    public static function key(?int $person, ?int $team): string
    {
        return match (true) {
            $person !== null => 'person:'.$person,
            $team !== null => 'team:'.$team,
            default => '',
        };
    }
}
