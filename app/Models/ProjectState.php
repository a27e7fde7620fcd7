<?php

declare(strict_types=1);

namespace App\Models;

/** Whether time can still be recorded on a project. */
enum ProjectState: string
{
    case Open = 'open';
    case Closed = 'closed';
}
