<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Projects\Props\FiguresProps;
use App\Features\Projects\Props\ProjectsProps;
use App\Features\Projects\Props\ProjectSummaryProps;
use App\Models\Person;
use App\Models\Project;
use Moss\Core\Calendar\Day;

/** The projects that a person may see, each with its figures at completion; open ones first. */
final readonly class ProjectList
{
    public function __construct(private StatusReport $status)
    {
    }

    public function for(Person $reader, Day $today): ProjectsProps
    {
        $projects = Project::query()->with(['client:id,name', 'manager:id,name'])
            ->when(! $reader->isOffice() && ! $reader->isViewer(), static fn ($query) => $query->where('manager_id', $reader->id))
            ->orderBy('state', 'desc')->orderBy('internal')->orderBy('code')
            ->get()->keyBy('code');
        $figures = [];
        if ($projects->isNotEmpty()) {
            foreach ($this->status->rows(StatusLevel::Project, $today, array_values(array_map(static fn (Project $project): string => $project->code, $projects->all()))) as $row) {
                $figures[$row->project] = $row->figures;
            }
        }

        return new ProjectsProps(array_values($projects->map(static fn (Project $project): ProjectSummaryProps => new ProjectSummaryProps(
            $project->code,
            $project->name,
            $project->client?->name,
            $project->manager->name,
            $project->state === 'open',
            $project->internal,
            FiguresProps::of($figures[$project->code], false),
        ))->all()));
    }
}
