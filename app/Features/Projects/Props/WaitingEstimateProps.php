<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** A remaining estimate that waits for the project manager, and its effect on the project. */
final readonly class WaitingEstimateProps
{
    /**
     * @param  string  $by  who entered it, where that was somebody else
     * @param  int  $before  what remains of the assignee now, minutes
     * @param  int  $after  what would
     * @param  int  $forecastBefore  of the project
     * @param  string|null  $costBefore  forecast cost of the project, decimal text; null for those who may not see it
     */
    public function __construct(
        public int $id,
        public string $task,
        public string $person,
        public string $by,
        public string $on,
        public bool $isDone,
        public string $reason,
        public int $before,
        public int $after,
        public int $forecastBefore,
        public int $forecastAfter,
        public int $planned,
        public ?string $costBefore,
        public ?string $costAfter,
    ) {
    }
}
