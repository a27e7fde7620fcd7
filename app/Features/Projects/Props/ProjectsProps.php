<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use App\Features\Projects\Queries\ProjectSort;
use App\Lookup\Props\OptionProps;

/** A page of the projects that the reader may see, and what is true of all that were asked for. */
final readonly class ProjectsProps
{
    /**
     * @param  string  $state  open, closed or all
     * @param  string  $manager  code; empty for any
     * @param  string  $concern  over plan, over budget, estimates waiting, or empty
     * @param  list<ProjectSummaryProps>  $projects
     * @param  int  $count  of all
     * @param  int  $above  of all, those whose forecast is above plan
     * @param  FiguresProps  $figures  of all
     * @param  int  $scale  minutes that the full width of a bar stands for
     * @param  list<OptionProps>  $managers  to choose from
     */
    public function __construct(
        public string $search,
        public string $state,
        public string $manager,
        public string $concern,
        public ProjectSort $sort,
        public array $projects,
        public int $count,
        public int $above,
        public FiguresProps $figures,
        public int $scale,
        public int $page,
        public int $pages,
        public array $managers,
        public bool $mayCreate,
    ) {
    }
}
