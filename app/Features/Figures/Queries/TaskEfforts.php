<?php

declare(strict_types=1);

namespace App\Features\Figures\Queries;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Time\Minutes;

/** Tasks with all their entries and estimates, in minutes. In two queries beside those of their plans. */
final class TaskEfforts
{
    /** @var array<string, Day> */
    private array $days = [];

    public function __construct(private readonly TaskPlans $plans)
    {
    }

    public function of(int $task): ?TaskEffort
    {
        return $this->ofPlans($this->plans->of([$task]))[$task] ?? null;
    }

    /**
     * @param  array<int, PlannedRow>  $plans  by task
     * @return array<int, TaskEffort> by task
     */
    public function ofPlans(array $plans): array
    {
        $entries = $this->entries(array_keys($plans));
        $estimates = EstimatesInForce::of(array_keys($plans));
        $efforts = [];
        foreach ($plans as $id => $plan) {
            $efforts[$id] = TaskEffort::of($plan->task, $entries[$id] ?? [], $estimates[$id] ?? []);
        }

        return $efforts;
    }

    /**
     * @param  list<int>  $tasks
     * @return array<int, list<RecordedEffort>> by task, one for each person and day with its sum
     */
    private function entries(array $tasks): array
    {
        $query = DB::table('entries')
            ->join('people', 'people.id', 'entries.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->whereIntegerInRaw('entries.task_id', $tasks)
            ->groupBy('entries.task_id', 'entries.person_id', 'entries.date')
            ->select('entries.task_id', 'people.code AS person', 'teams.code AS team', 'entries.date')->selectRaw('sum(entries.minutes) AS minutes');
        $byTask = [];
        foreach ($tasks === [] ? [] : Record::each($query) as $record) {
            $byTask[$record->int('task_id')][] = RecordedEffort::unpriced(
                $record->string('person'),
                $record->stringOrNull('team'),
                $this->days[$record->string('date')] ??= Day::of($record->string('date')),
                Minutes::of($record->int('minutes')),
            );
        }

        return $byTask;
    }
}
