<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

/** How far down a status goes. */
enum StatusLevel: string
{
    case Project = 'project';
    case Phase = 'phase';
    case Task = 'task';
    case Assignee = 'assignee';
}
