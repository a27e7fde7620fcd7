<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** A correction that waits for somebody; how many there are in all. */
final readonly class WaitingCorrection
{
    public function __construct(
        public int $id,
        public Day $date,
        public Minutes $minutesBefore,
        public Minutes $minutes,
        public string $reason,
        public ?int $approverId,
        public EntryState $state,
        public string $person,
        public string $personName,
        public string $taskName,
        public string $project,
        public string $projectName,
        public int $managerId,
        public ?string $role,
        public ?string $roleName,
        public ?string $approver,
        public int $count,
    ) {
    }
}
