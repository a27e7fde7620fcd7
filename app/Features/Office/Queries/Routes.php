<?php

declare(strict_types=1);

namespace App\Features\Office\Queries;

use App\Features\Office\Props\ProjectRouteProps;
use App\Features\Office\Props\RoutesProps;
use App\Models\Entry;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Project;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\TextSearch;
use Moss\Core\Review\RouteKind;

/** Who approves, by project. */
final class Routes
{
    private const AT_ONCE = 40;

    private const MOST_PEOPLE = 20;

    public function of(string $search, int $page): RoutesProps
    {
        $organisation = Organisation::query()->sole();
        $projects = Project::query()->open()->toBase()->join('people', 'people.id', 'projects.manager_id');
        TextSearch::narrow($projects, $search, ['projects.name', 'projects.code']);
        $count = (clone $projects)->count();
        $waiting = Entry::query()->toBase()->join('tasks', 'tasks.id', 'entries.task_id')->whereColumn('tasks.project_id', 'projects.id')->where('entries.state', 'submitted')
            // Before the first day on which anything waits no entries need be looked at.
            ->where('entries.date', '>=', Entry::query()->toBase()->where('state', Sql::value('submitted'))->where('state', '<>', Sql::value('settled'))->orderBy('date')->limit(1)->value('date') ?? '')->addSelect(Sql::count());

        return new RoutesProps(
            $organisation->approval,
            $organisation->self_approve,
            $search,
            array_map(static fn (Record $project): ProjectRouteProps => new ProjectRouteProps(
                $project->string('code'), $project->string('name'), $project->string('manager'), RouteKind::tryFrom($project->stringOrNull('approval') ?? ''), $project->int('waiting'),
            ), Record::all($projects->select('projects.code', 'projects.name', 'projects.approval', 'people.name AS manager')->selectSub($waiting, 'waiting')
                ->orderBy('projects.name')->orderBy('projects.code')->offset(($page - 1) * self::AT_ONCE)->limit(self::AT_ONCE))),
            $count,
            $page,
            self::AT_ONCE,
            array_map(static fn (Record $person): string => $person->string('name'), Record::all(
                Person::query()->toBase()->select('name')->whereNull('manager_id')->where('access', '<>', 'viewer')->orderBy('name')->limit(self::MOST_PEOPLE),
            )),
        );
    }
}
