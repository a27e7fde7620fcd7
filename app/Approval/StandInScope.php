<?php

declare(strict_types=1);

namespace App\Approval;

/** Whose turn a stand-in may take: an approver's on one project, or on every one. */
final readonly class StandInScope
{
    public function __construct(public int $approver, public ?int $project)
    {
    }

    public function covers(RoutedEntry $entry): bool
    {
        return $entry->approverId === $this->approver && ($this->project === null || $this->project === $entry->projectId);
    }
}
