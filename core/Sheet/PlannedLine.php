<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;

/**
 * A person's own unfinished assignment on an open project, with what remains of their holding on its task.
 */
final readonly class PlannedLine
{
    public Spread $spread;

    public function __construct(
        public string $project,
        public string $task,
        public Assignment $assignment,
        public Minutes $remaining,
    ) {
        $this->spread = $assignment->spread();
    }
}
