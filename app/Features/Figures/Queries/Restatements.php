<?php

declare(strict_types=1);

namespace App\Features\Figures\Queries;

use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Restatement;
use Moss\Core\Time\Minutes;

/** Restatements in force, in the order in which they were made. */
final readonly class Restatements
{
    /**
     * @param  list<int>  $tasks
     * @return array<int, list<Restatement>> by task
     */
    public static function of(array $tasks): array
    {
        return $tasks === [] ? [] : self::read(self::query()->whereIntegerInRaw('restatements.task_id', $tasks));
    }

    /**
     * @param  list<int>  $projects
     * @return array<int, list<Restatement>> by task
     */
    public static function ofProjects(array $projects): array
    {
        return self::read(self::query()->join('tasks', 'tasks.id', 'restatements.task_id')->whereIntegerInRaw('tasks.project_id', $projects));
    }

    public static function query(): Builder
    {
        return DB::table('restatements')
            ->join('people', 'people.id', 'restatements.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->select('restatements.task_id', 'people.code AS person', 'teams.code AS team', 'restatements.stated_on', 'restatements.remaining_minutes', 'restatements.done')
            ->orderBy('restatements.id');
    }

    /** @return array<int, list<Restatement>> by task */
    public static function read(Builder $query): array
    {
        $byTask = [];
        foreach (Record::all($query) as $record) {
            $byTask[$record->int('task_id')][] = new Restatement(
                $record->string('person'),
                $record->stringOrNull('team'),
                Day::of($record->string('stated_on')),
                Minutes::of($record->int('remaining_minutes')),
                $record->bool('done'),
            );
        }

        return $byTask;
    }
}
