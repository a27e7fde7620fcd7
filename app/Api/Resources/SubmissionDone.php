<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** What was submitted or taken back. */
final readonly class SubmissionDone
{
    /**
     * @param  int  $approved  minutes of it that were approved at once
     */
    public function __construct(
        public int $minutes,
        public int $approved,
    ) {
    }
}
