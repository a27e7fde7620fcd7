<?php

declare(strict_types=1);

namespace App\Features\Submission\Queries;

use App\Approval\RoutedEntry;

/** An entry that is to be submitted, with its project. */
final readonly class SubmittedEntry
{
    public function __construct(
        public RoutedEntry $entry,
        public string $project,
        public string $projectName,
    ) {
    }
}
