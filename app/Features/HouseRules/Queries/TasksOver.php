<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Features\Figures\Queries\EstimatesInForce;
use App\Features\Figures\Queries\TaskPlans;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Planning\PlannedTask;
use Moss\Core\Time\Minutes;

/**
 * Who holds tasks, and by how much more has been entered on them than remained. In three queries for any number of people.
 */
final readonly class TasksOver
{
    /** @param  array<int, TaskEffort>  $efforts  by task id, with what people of the teams in question recorded */
    private function __construct(private array $efforts)
    {
    }

    /**
     * @param  list<int>  $tasks
     * @param  list<int>  $people
     * @param  list<int>  $teams
     */
    public static function load(array $tasks, array $people, array $teams): self
    {
        $assignments = TaskPlans::assignments($tasks);
        $held = array_keys($assignments);
        $who = static fn (Builder $who): Builder => $who->whereIntegerInRaw('people.id', $people)->orWhereIntegerInRaw('people.team_id', $teams);
        $entries = self::entries($held, $who);
        $estimates = EstimatesInForce::read(EstimatesInForce::query()->whereIntegerInRaw('remaining_estimates.task_id', $held)->where($who(...)));
        $efforts = [];
        foreach ($assignments as $task => $planned) {
            $efforts[$task] = TaskEffort::of(new PlannedTask('', null, (string) $task, null, null, null, null, $planned), $entries[$task] ?? [], $estimates[$task] ?? []);
        }

        return new self($efforts);
    }

    public function isAssigned(int $task, string $person, ?string $team): bool
    {
        return isset($this->efforts[$task]) && $this->efforts[$task]->task->assigneeFor($person, $team) !== null;
    }

    /** By how much more is entered than remained, of the holding that the person's time falls on; null without one. */
    public function over(int $task, string $person, ?string $team): ?Minutes
    {
        $effort = $this->efforts[$task] ?? null;
        $assignee = $effort?->task->assigneeFor($person, $team);
        foreach ($effort->assigneeEfforts ?? [] as $assigneeEffort) {
            if ($assigneeEffort->assignee->key() === $assignee?->key()) {
                return $assigneeEffort->over();
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $tasks
     * @param  callable(Builder): Builder  $who
     * @return array<int, list<RecordedEffort>> one for each person and day with its sum
     */
    private static function entries(array $tasks, callable $who): array
    {
        $query = DB::table('entries')->join('people', 'people.id', 'entries.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->whereIntegerInRaw('entries.task_id', $tasks)->where($who(...))
            ->select('entries.task_id', 'people.code AS person', 'teams.code AS team', 'entries.date')->selectRaw('sum(entries.minutes) AS minutes')
            ->groupBy('entries.task_id', 'people.id', 'entries.date');
        $byTask = [];
        foreach (Record::each($query) as $record) {
            $byTask[$record->int('task_id')][] = RecordedEffort::unpriced($record->string('person'), $record->stringOrNull('team'), Day::of($record->string('date')), Minutes::of($record->int('minutes')));
        }

        return $byTask;
    }
}
