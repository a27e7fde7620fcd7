<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** The list of projects that the reader may see. */
final readonly class ProjectsProps
{
    /** @param  list<ProjectSummaryProps>  $projects */
    public function __construct(public array $projects)
    {
    }
}
