<?php

declare(strict_types=1);

namespace App\Features\Learning\Queries;

use App\Models\Person;
use App\Models\PlanStep;
use App\Models\Project;
use App\Models\ProjectState;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Learning\PastCase;
use Moss\Core\Time\Minutes;

/**
 * Finished tasks with what was first planned for them: those that are done, or whose project is closed. Internal time is no work
 * that could be estimated. Each method in one query.
 */
final class PastTasks
{
    private const COLUMNS = ['tasks.id', 'projects.name AS project', 'tasks.name', 'managers.name AS manager', 'clients.name AS client'];

    /**
     * Whole tasks.
     *
     * @param  Person|null  $reader  whose projects they are of; null for everybody's
     * @return list<PastTask>
     */
    public static function whole(?Person $reader): array
    {
        $tasks = self::finished($reader)->join('task_figures', 'task_figures.task_id', 'tasks.id')
            ->select(self::COLUMNS)->addSelect(Sql::none('person'), Sql::none('role'), Sql::both('task_figures.actual_minutes', 'task_figures.pending_minutes', 'came_to'))
            ->selectSub(self::firstStep(), 'planned');

        return self::tasks($tasks);
    }

    /**
     * What people had of them: all people's of the reader's projects, and of their own people those of all projects.
     *
     * @return list<PastTask>
     */
    public static function ofPeople(?Person $reader): array
    {
        // Of what was recorded only that on finished tasks is read: it lies by task and person.
        $tasks = self::finished($reader)->joinSub(self::firstSteps(), 'first_steps', 'first_steps.task_id', 'tasks.id')
            ->join('recorded_weeks', static fn (JoinClause $join): JoinClause => $join->on('recorded_weeks.task_id', 'tasks.id')->on('recorded_weeks.person_id', 'first_steps.person_id'))
            ->join('people', 'people.id', 'first_steps.person_id')->leftJoin('roles', 'roles.id', 'people.role_id')
            ->groupBy('tasks.id', 'first_steps.person_id')
            ->select(self::COLUMNS)->addSelect('people.name AS person', 'roles.name AS role', Sql::total(['recorded_weeks.actual_minutes', 'recorded_weeks.pending_minutes'], 'came_to'), 'first_steps.minutes AS planned');

        return self::tasks($tasks);
    }

    private static function finished(?Person $reader): Builder
    {
        return Project::query()->toBase()->join('tasks', 'tasks.project_id', 'projects.id')->join('people AS managers', 'managers.id', 'projects.manager_id')
            ->leftJoin('clients', 'clients.id', 'projects.client_id')->where('projects.internal', false)
            ->where(static fn (Builder $done): Builder => $done->whereNotNull('tasks.done_on')->orWhere('projects.state', ProjectState::Closed))
            ->when($reader !== null, static fn (Builder $own): Builder => $own->where('projects.manager_id', $reader?->id))
            ->orderBy('tasks.id');
    }

    /** What was planned first of a task, where that was anything. */
    private static function firstStep(): Builder
    {
        return PlanStep::query()->toBase()->whereColumn('plan_steps.task_id', 'tasks.id')->where('person_id', 0)->where('team_id', 0)->where('minutes', '>', 0)
            ->orderBy('starting_on')->limit(1)->select('minutes');
    }

    /** The same of the people on tasks. With min(), SQLite gives the other columns of the row that has it. */
    private static function firstSteps(): Builder
    {
        return PlanStep::query()->toBase()->where('minutes', '>', 0)->where('team_id', 0)->where('person_id', '>', 0)
            ->groupBy('task_id', 'person_id')->select('task_id', 'person_id', 'minutes')->addSelect(Sql::min('starting_on', 'first'));
    }

    /** @return list<PastTask> those for which something was planned, and on which anything was entered */
    private static function tasks(Builder $query): array
    {
        $tasks = [];
        foreach (StreamedRows::of($query) as $row) {
            /** @var array{int, string, string, string, string|null, string|null, string|null, int, int|null} $row */
            [$id, $project, $name, $manager, $client, $person, $role, $cameTo, $planned] = $row;
            if ($planned !== null && $cameTo > 0) {
                $tasks[] = new PastTask($id, new PastCase(Minutes::of($planned), Minutes::of($cameTo)), $project, $name, $manager, $client, $person, $role);
            }
        }

        return $tasks;
    }
}
