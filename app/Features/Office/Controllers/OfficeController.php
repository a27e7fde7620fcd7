<?php

declare(strict_types=1);

namespace App\Features\Office\Controllers;

use App\Features\Office\Props\LateWeekProps;
use App\Features\Office\Queries\OfficeToday;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Where the time office begins its day. */
final class OfficeController
{
    public function show(#[CurrentUser] Person $office, OfficeToday $today): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Office', [
            'needs' => $today->of($office),
            'lateWeek' => Inertia::defer(static fn (): LateWeekProps => $today->lateWeek($office), rescue: true),
        ]);
    }
}
