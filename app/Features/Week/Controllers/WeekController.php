<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\Features\Week\Queries\WeekSheet;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Week;

final class WeekController
{
    public function current(#[CurrentUser] Person $person, Today $today): RedirectResponse
    {
        return $person->isViewer()
            ? redirect()->route('projects')
            : redirect()->route('week', ['week' => Week::containing($today->for($person))->toString()]);
    }

    public function show(#[CurrentUser] Person $person, Week $week, WeekSheet $sheet): Response
    {
        Gate::authorize('recordWeek', $person);

        return Inertia::render('Week', ['sheet' => $sheet->of($person, $week, $person)]);
    }

    public function of(#[CurrentUser] Person $reader, Person $person, Week $week, WeekSheet $sheet): Response
    {
        Gate::authorize('viewPartOfWeek', $person);

        return Inertia::render('Week', ['sheet' => $sheet->of($person, $week, $reader)]);
    }

    /** What is pencilled now, after something has changed. */
    public function pencil(#[CurrentUser] Person $reader, Person $person, Week $week, WeekSheet $sheet): JsonResponse
    {
        Gate::authorize('recordWeek', $person);

        return response()->json($sheet->pencilled($person, $week, $reader));
    }
}
