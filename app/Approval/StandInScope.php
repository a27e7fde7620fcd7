<?php

declare(strict_types=1);

namespace App\Approval;

use App\Support\Database\Record;

/** Whose turn a stand-in may take: an approver's on one project, or on every one. */
final readonly class StandInScope
{
    public function __construct(public int $approver, public ?int $project)
    {
    }

    /** @param  Record  $entry  with its approver and its project */
    public function covers(Record $entry): bool
    {
        return $entry->intOrNull('approver_id') === $this->approver && ($this->project === null || $this->project === $entry->int('project_id'));
    }
}
