<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What a line of the weeks around held on a day, by state. */
final readonly class PastSum
{
    public function __construct(
        public LineRow $line,
        public Day $date,
        public EntryState $state,
        public Minutes $minutes,
    ) {
    }
}
