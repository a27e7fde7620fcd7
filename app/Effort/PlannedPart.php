<?php

declare(strict_types=1);

namespace App\Effort;

use Moss\Core\Planning\Assignment;

/** An assignment, with the numbers of person, team and role; 0 where it names none. */
final readonly class PlannedPart
{
    public function __construct(public Assignment $assignment, public int $person, public int $team, public int $role)
    {
    }
}
