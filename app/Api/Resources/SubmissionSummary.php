<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** What would be submitted now. */
final readonly class SubmissionSummary
{
    /**
     * @param  list<SubmissionFinding>  $findings  what blocks first
     */
    public function __construct(
        public int $minutes,
        public int $entries,
        public array $findings,
    ) {
    }
}
