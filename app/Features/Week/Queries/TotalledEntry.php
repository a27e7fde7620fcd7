<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What the sums of a week are made of. */
final readonly class TotalledEntry
{
    public function __construct(
        public int $taskId,
        public ?int $roleId,
        public string $project,
        public Day $date,
        public Minutes $minutes,
        public EntryState $state,
    ) {
    }
}
