<?php

declare(strict_types=1);

namespace App\Features\Operations\Controllers;

use App\Features\Operations\Actions\RetryFailedJobs;
use App\Models\Organisation;
use App\Support\Language\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** The office has what failed in the background tried again. */
final class FailedJobsController
{
    public function retry(RetryFailedJobs $retry): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $retry->handle();

        return redirect()->route('office.today')->with('message', Wording::of('operations.jobs_retried'));
    }
}
