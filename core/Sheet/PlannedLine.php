<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;

/**
 * A person's own unfinished assignment on an open project, with what remains of all their assignments on its task.
 */
final readonly class PlannedLine
{
    public Line $line;

    public Spread $spread;

    /** @param  Capacity  $capacity  of the person's days */
    public function __construct(string $project, string $task, public Assignment $assignment, public Minutes $remaining, Capacity $capacity)
    {
        $this->line = new Line($project, $task, $assignment->role);
        $this->spread = $assignment->spread($capacity);
    }
}
