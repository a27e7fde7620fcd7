<?php

declare(strict_types=1);

namespace App\Features\Learning\Queries;

/** By what finished tasks are put together. */
enum PastGrouping: string
{
    /** Words of the task's name. */
    case Word = 'word';
    case Person = 'person';
    case Role = 'role';
    case Manager = 'manager';
    case Client = 'client';
}
