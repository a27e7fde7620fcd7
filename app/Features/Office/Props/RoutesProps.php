<?php

declare(strict_types=1);

namespace App\Features\Office\Props;

use Moss\Core\Review\RouteKind;

/** Who approves: the organisation's way, and that of each project. */
final readonly class RoutesProps
{
    /**
     * @param  list<ProjectRouteProps>  $projects  of the page
     * @param  list<string>  $withoutManager  people who have no line manager, so that the office approves in that place
     */
    public function __construct(
        public RouteKind $default,
        public bool $selfApprove,
        public string $search,
        public array $projects,
        public int $projectCount,
        public int $page,
        public int $atOnce,
        public array $withoutManager,
    ) {
    }
}
