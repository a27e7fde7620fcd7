<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Projects\Props\FigureKind;

/** Which figure is to be opened: the project's, a phase's, a task's, or an assignee's on a task. */
final readonly class TraceRequest
{
    /**
     * @param  string|null  $phase  by name; empty for what is in none
     * @param  string|null  $assignee  as in an address
     */
    public function __construct(public FigureKind $figure, public ?string $phase, public ?string $task, public ?string $assignee)
    {
    }
}
