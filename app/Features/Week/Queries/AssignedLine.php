<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use Moss\Core\Calendar\Day;

/** An assignment of a person or their team. */
final readonly class AssignedLine
{
    public function __construct(
        public LineRow $line,
        public ?int $personId,
        public ?string $team,
        public Day $startsOn,
        public Day $endsOn,
        public bool $saidDone,
        public ?int $asked,
    ) {
    }
}
