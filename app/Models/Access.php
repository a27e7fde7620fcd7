<?php

declare(strict_types=1);

namespace App\Models;

/** What a person may see and do beyond their own week. */
enum Access: string
{
    case Member = 'member';
    case Manager = 'manager';
    case Office = 'office';
    case Viewer = 'viewer';
}
