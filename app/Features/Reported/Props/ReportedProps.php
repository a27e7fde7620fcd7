<?php

declare(strict_types=1);

namespace App\Features\Reported\Props;

/** Projects as they were reported when a period was closed, beside what they come to now. */
final readonly class ReportedProps
{
    /**
     * @param  list<ClosingProps>  $closings  the latest first
     * @param  int|null  $closing  which of them; null where there is none
     * @param  list<ReportedProjectProps>  $projects  those whose forecast changed most first
     * @param  ReportedEffortProps  $then  of all projects
     * @param  int  $count  of all projects
     * @param  int  $risen  of all, those whose forecast is higher now
     */
    public function __construct(
        public array $closings,
        public ?int $closing,
        public array $projects,
        public ReportedEffortProps $then,
        public ReportedEffortProps $now,
        public int $count,
        public int $risen,
        public int $fallen,
        public int $page,
        public int $pages,
    ) {
    }
}
