<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Somebody's word on what is left of a task from the end of a day on. Only restatements in force are made into one.
 */
final readonly class Restatement
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
