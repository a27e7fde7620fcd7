<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;

/**
 * The lines that a person's week opens with: assigned to them or their team, active in the week, unfinished, on open projects.
 */
final class AssignedLines
{
    /** @return list<Record> task_id, role_id and what the task, project, phase and role are called */
    public function in(Person $owner, Week $week): array
    {
        $saidDone = DB::table('restatements')->select('restatements.done')
            ->whereColumn('restatements.task_id', 'tasks.id')->where('restatements.person_id', $owner->id)
            ->orderByDesc('restatements.stated_on')->orderByDesc('restatements.id')->limit(1);
        $query = DB::table('assignments')
            ->join('tasks', 'tasks.id', 'assignments.task_id')
            ->where(static fn (Builder $holder) => $holder->where('assignments.person_id', $owner->id)
                ->when($owner->team_id !== null, static fn (Builder $team) => $team->orWhere('assignments.team_id', $owner->team_id)))
            ->where('assignments.starts_on', '<=', $week->sunday()->toString())
            ->where('assignments.ends_on', '>=', $week->monday()->toString())
            ->where(static fn (Builder $open) => $open->whereNull('tasks.done_on')->orWhere('tasks.done_on', '>=', $week->monday()->toString()))
            ->whereRaw('coalesce(('.$saidDone->toRawSql().'), 0) = 0')
            ->select('assignments.task_id', 'assignments.role_id')->distinct();
        self::nameTask($query, 'assignments.role_id');
        $query->where('projects.state', 'open');

        return Record::all($query);
    }

    /** Joins and selects what a line shows of its task; the query must have joined tasks. */
    public static function nameTask(Builder $query, string $role): void
    {
        $query->join('projects', 'projects.id', 'tasks.project_id')
            ->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->leftJoin('roles', 'roles.id', $role)
            ->addSelect('tasks.name AS task_name', 'tasks.code AS task_code', 'tasks.done_on', 'projects.code AS project', 'projects.name AS project_name')
            ->addSelect('projects.state AS project_state', 'projects.internal', 'phases.name AS phase', 'roles.name AS role_name');
    }
}
