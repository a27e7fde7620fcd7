<?php

declare(strict_types=1);

namespace App\Features\Intake\Props;

/** Requests for work: all of them for whoever decides, else one's own. */
final readonly class WorkRequestsProps
{
    /** @param  list<WorkRequestRowProps>  $rows */
    public function __construct(
        public bool $decides,
        public bool $mayRequest,
        public string $state,
        public string $search,
        public array $rows,
        public int $open,
        public int $found,
        public int $page,
        public int $pages,
    ) {
    }
}
