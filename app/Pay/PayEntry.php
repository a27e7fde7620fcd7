<?php

declare(strict_types=1);

namespace App\Pay;

use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** An entry with all that its kinds of pay depend on. */
final readonly class PayEntry
{
    public function __construct(
        public int $id,
        public int $personId,
        public int $taskId,
        public ?int $roleId,
        public Day $date,
        public Minutes $minutes,
        public EntryState $state,
        public ?Day $corrects,
    ) {
    }
}
