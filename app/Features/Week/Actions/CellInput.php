<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use Moss\Core\Calendar\Day;

/** What somebody typed into one cell, and what they had seen there. */
final readonly class CellInput
{
    /** @param  int|null  $seen  the version that the cell had when it was typed over; null where it was empty */
    public function __construct(
        public int $task,
        public ?int $role,
        public Day $day,
        public string $hours,
        public ?int $seen,
    ) {
    }
}
