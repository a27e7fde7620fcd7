<?php

declare(strict_types=1);

namespace App\Features\Operations\Queries;

/** How one check went. */
enum HealthState: string
{
    case Well = 'well';
    case Failing = 'failing';
    /** There is nothing to check here: no backups are set up, or jobs are done at once. */
    case None = 'none';
}
