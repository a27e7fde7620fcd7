<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Input\ProjectsRequest;
use App\Api\Resources\Project as ProjectResource;
use App\Api\Resources\ProjectList;
use App\Api\Resources\ProjectStatus;
use App\Api\Resources\StatusFigures;
use App\Features\Projects\Queries\StatusLevel;
use App\Features\Projects\Queries\StatusReport;
use App\Features\Projects\Queries\StatusRow;
use App\Models\Client;
use App\Models\Person;
use App\Models\Project;
use App\Models\ProjectState;
use App\OwnFields\OwnFieldValues;
use ArrayObject;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;

/** Projects, a part at a time by their codes. */
final class ProjectPages
{
    private const NAMES = ['client:id,code', 'manager:id,code', 'ownFieldValues', OwnFieldValues::WITH];

    public static function of(Person $reader, ProjectsRequest $request): ProjectList
    {
        [$state, $manager, $client] = [$request->state(), $request->text('manager'), $request->text('client')];
        [$ids, $next] = Pages::of(Project::query()->toBase()
            ->when(! $reader->isOffice() && ! $reader->isViewer(), static fn (Builder $own): Builder => $own->where('manager_id', $reader->id))
            ->when($state !== null, static fn (Builder $of): Builder => $of->where('state', $state))
            ->when($manager !== null, static fn (Builder $of): Builder => $of->whereIn('manager_id', Person::query()->select('id')->where('code', $manager)))
            ->when($client !== null, static fn (Builder $of): Builder => $of->whereIn('client_id', Client::query()->select('id')->where('code', $client))), 'code', $request);
        $projects = Project::query()->with(self::NAMES)->whereKey($ids)->get()->keyBy('id');

        return new ProjectList(array_values(array_map(self::resource(...), array_filter(array_map($projects->get(...), $ids)))), $next);
    }

    public static function one(Project $project): ProjectResource
    {
        return self::resource($project->loadMissing(self::NAMES));
    }

    public static function status(Project $project, Day $today): ProjectStatus
    {
        $report = new StatusReport;
        $of = static fn (StatusLevel $level): array => array_map(static fn (StatusRow $row): StatusFigures => new StatusFigures(
            $row->task, $row->figures->planned->toInt(), $row->figures->actual->toInt(), $row->figures->pending->toInt(), $row->figures->remaining->toInt(), $row->figures->forecast()->toInt(), $row->figures->variance()->toInt(),
        ), $report->rows($level, $today, [$project->code]));

        return new ProjectStatus($project->code, $today->toString(), $of(StatusLevel::Project)[0] ?? new StatusFigures(null, 0, 0, 0, 0, 0, 0), $of(StatusLevel::Task));
    }

    private static function resource(Project $project): ProjectResource
    {
        return new ProjectResource(
            $project->code, $project->name, $project->client?->code, $project->manager->code, $project->starts_on?->toString(), $project->ends_on?->toString(),
            $project->billable, $project->state === ProjectState::Open, $project->internal, $project->estimate_mode, new ArrayObject(OwnFieldValues::told($project)),
        );
    }
}
