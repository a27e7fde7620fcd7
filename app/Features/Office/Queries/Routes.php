<?php

declare(strict_types=1);

namespace App\Features\Office\Queries;

use App\Features\Office\Props\ProjectRouteProps;
use App\Features\Office\Props\RoutesProps;
use App\Models\Organisation;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Review\RouteKind;

/** Who approves, by project. */
final class Routes
{
    private const AT_ONCE = 40;

    private const MOST_PEOPLE = 20;

    public function of(string $search, int $page): RoutesProps
    {
        $organisation = Organisation::query()->sole();
        $like = '%'.addcslashes($search, '%_\\').'%';
        $projects = DB::table('projects')->join('people', 'people.id', 'projects.manager_id')->where('projects.state', 'open')
            ->when($search !== '', static fn (Builder $query): Builder => $query->whereRaw("(projects.name LIKE ? ESCAPE '\\' OR projects.code LIKE ? ESCAPE '\\')", [$like, $like]));
        $count = (clone $projects)->count();
        $waiting = DB::table('entries')->join('tasks', 'tasks.id', 'entries.task_id')->whereColumn('tasks.project_id', 'projects.id')->where('entries.state', 'submitted')
            // Before the first day on which anything waits no entries need be looked at.
            ->where('entries.date', '>=', DB::table('entries')->whereRaw("state = 'submitted' AND state <> 'settled'")->orderBy('date')->limit(1)->value('date') ?? '')->selectRaw('count(*)');

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
                DB::table('people')->select('name')->whereNull('manager_id')->where('access', '<>', 'viewer')->orderBy('name')->limit(self::MOST_PEOPLE),
            )),
        );
    }
}
