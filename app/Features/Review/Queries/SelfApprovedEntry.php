<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

/** An entry that approved itself, with when and with whose it would have been. */
final readonly class SelfApprovedEntry
{
    public function __construct(
        public DecidedRow $decided,
        public string $at,
        public string $name,
    ) {
    }
}
