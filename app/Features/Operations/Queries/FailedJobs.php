<?php

declare(strict_types=1);

namespace App\Features\Operations\Queries;

use Illuminate\Support\Facades\DB;

/** Jobs in the background that failed and have not been tried again. */
final class FailedJobs
{
    public static function count(): int
    {
        return DB::table('failed_jobs')->count();
    }
}
