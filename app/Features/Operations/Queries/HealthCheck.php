<?php

declare(strict_types=1);

namespace App\Features\Operations\Queries;

/** What has to be well for the application to do its work. */
enum HealthCheck: string
{
    case Database = 'database';
    case Queue = 'queue';
    case Scheduler = 'scheduler';
    case Disk = 'disk';
    /** The last backup is not too old. */
    case Backup = 'backup';
}
