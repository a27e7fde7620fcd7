<?php

declare(strict_types=1);

namespace App\Models;

/** What each row of a billing file is. */
enum BillingDetail: string
{
    case Entry = 'entry';
    case Task = 'task';
    case Project = 'project';
    case Person = 'person';
}
