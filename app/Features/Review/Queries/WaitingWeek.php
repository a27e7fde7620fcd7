<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use Moss\Core\Calendar\Day;

/** A week of a person of which something waits. */
final readonly class WaitingWeek
{
    public function __construct(
        public int $personId,
        public Day $monday,
        public string $name,
    ) {
    }

    public function key(): string
    {
        return $this->personId.' '.$this->monday->toString();
    }
}
