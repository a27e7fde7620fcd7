<?php

declare(strict_types=1);

namespace App\Features\Figures\Queries;

use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\RemainingEstimate;
use Moss\Core\Time\Minutes;

/** Remaining estimates in force, in the order in which they were made. */
final readonly class EstimatesInForce
{
    /**
     * @param  list<int>  $tasks
     * @return array<int, list<RemainingEstimate>> by task
     */
    public static function of(array $tasks): array
    {
        return $tasks === [] ? [] : self::read(self::query()->whereIntegerInRaw('remaining_estimates.task_id', $tasks));
    }

    /**
     * @param  list<int>  $projects
     * @return array<int, list<RemainingEstimate>> by task
     */
    public static function ofProjects(array $projects): array
    {
        return self::read(self::query()->join('tasks', 'tasks.id', 'remaining_estimates.task_id')->whereIntegerInRaw('tasks.project_id', $projects));
    }

    public static function query(): Builder
    {
        return DB::table('remaining_estimates')
            ->join('people', 'people.id', 'remaining_estimates.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->select('remaining_estimates.task_id', 'people.code AS person', 'teams.code AS team', 'remaining_estimates.estimated_on', 'remaining_estimates.remaining_minutes', 'remaining_estimates.done')
            ->orderBy('remaining_estimates.id');
    }

    /** @return array<int, list<RemainingEstimate>> by task */
    public static function read(Builder $query): array
    {
        $byTask = [];
        foreach (Record::all($query) as $record) {
            $byTask[$record->int('task_id')][] = new RemainingEstimate(
                $record->string('person'),
                $record->stringOrNull('team'),
                Day::of($record->string('estimated_on')),
                Minutes::of($record->int('remaining_minutes')),
                $record->bool('done'),
            );
        }

        return $byTask;
    }
}
