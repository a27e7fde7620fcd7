<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** What a holder brings to a figure: plan, time and word on what is left. */
final readonly class TraceHolderProps
{
    /**
     * @param  string  $name  of the person or team; empty for unassigned hours
     * @param  string|null  $restatedOn  day of the restatement that counts; null where the rest follows from the plan
     */
    public function __construct(
        public string $task,
        public string $name,
        public int $planned,
        public int $entered,
        public int $remaining,
        public ?string $restatedOn,
        public ?string $restatedBy,
        public ?int $restated,
        public bool $saidDone,
        public string $reason,
    ) {
    }
}
