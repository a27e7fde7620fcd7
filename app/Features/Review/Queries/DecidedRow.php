<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\RoutedEntry;

/** An entry on which was decided, with what it was before. */
final readonly class DecidedRow
{
    public function __construct(
        public RoutedEntry $entry,
        public int $decidedVersion,
        public int $approvalsBefore,
        public ?int $approverBeforeId,
        public ?int $decidedBeforeId,
    ) {
    }
}
