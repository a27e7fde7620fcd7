<?php

declare(strict_types=1);

namespace App\Features\Operations\Actions;

use Illuminate\Support\Facades\Artisan;

/** Puts all jobs that failed into the queue once more. */
final class RetryFailedJobs
{
    public function handle(): void
    {
        Artisan::call('queue:retry', ['id' => ['all']]);
    }
}
