<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Somebody's remaining estimate of a task from the end of a day on. Only remaining estimates in force are made into one.
 */
final readonly class RemainingEstimate
{
    /** @param  string|null  $team  the person's team */
    public function __construct(
        public string $person,
        public ?string $team,
        public Day $on,
        public Minutes $remaining,
        public bool $done,
    ) {
    }
}
