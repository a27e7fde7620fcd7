<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Planning\Assignee;

/**
 * The figures of one assignee on a task; no assignee stands for its unassigned hours.
 */
final readonly class AssigneeFigures
{
    public function __construct(public ?Assignee $assignee, public Figures $figures)
    {
    }
}
