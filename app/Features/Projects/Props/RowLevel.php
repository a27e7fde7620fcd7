<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** How far down a row of the project page stands. */
enum RowLevel: string
{
    case Phase = 'phase';
    case Task = 'task';
    case Assignee = 'assignee';
}
