<?php

declare(strict_types=1);

namespace App\Features\FrontPage\Queries;

use App\Features\Projects\Props\ProjectSummaryProps;
use App\Features\Projects\Queries\ProjectFilter;
use App\Features\Projects\Queries\ProjectList;
use App\Models\Person;
use Moss\Core\Calendar\Day;

/** The projects that need attention first, of those that somebody may see. */
final readonly class TroubledProjects
{
    private const MOST = 6;

    public function __construct(private ProjectList $projects)
    {
    }

    /** @return list<ProjectSummaryProps> */
    public function of(Person $reader, Day $today): array
    {
        $troubled = array_filter(
            $this->projects->for($reader, new ProjectFilter, $today)->projects,
            static fn (ProjectSummaryProps $project): bool => ! $project->isInternal && ($project->figures->variance > 0 || $project->budgetIsGone || $project->waiting > 0),
        );

        return array_slice(array_values($troubled), 0, self::MOST);
    }
}
