<?php

declare(strict_types=1);

namespace App\Features\Remaining\Props;

/** One estimate of the remaining hours of a task, and the forecast that followed from it. */
final readonly class EstimateProps
{
    /**
     * @param  string  $state  `in force` while it counts or has counted; waiting, declined or withdrawn
     * @param  string  $by  who entered it, where that was somebody else
     * @param  int|null  $forecast  of the whole task at the end of that day; null for what never counted
     * @param  string  $decidedBy  who declined it, with which comment
     */
    public function __construct(
        public string $on,
        public string $person,
        public string $by,
        public int $remaining,
        public bool $isDone,
        public string $reason,
        public string $state,
        public ?int $forecast,
        public string $decidedBy,
        public string $comment,
    ) {
    }
}
