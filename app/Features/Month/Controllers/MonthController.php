<?php

declare(strict_types=1);

namespace App\Features\Month\Controllers;

use App\Features\Month\Actions\FillRefused;
use App\Features\Month\Actions\FillRest;
use App\Features\Month\Queries\MonthSheet;
use App\Features\Month\Requests\FillRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\DayRange;

/** The month of whoever is signed in. */
final class MonthController
{
    public function current(#[CurrentUser] Person $person, Today $today): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);

        return redirect()->route('month', ['month' => $today->for($person)->month()]);
    }

    public function show(#[CurrentUser] Person $person, DayRange $month, MonthSheet $sheet): Response
    {
        Gate::authorize('recordWeek', $person);

        return Inertia::render('Month', ['month' => $sheet->of($person, $month)]);
    }

    public function fill(#[CurrentUser] Person $person, DayRange $month, FillRequest $request, FillRest $fill): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        try {
            $message = $fill->handle($person, $month, $request->task(), $request->role());
        } catch (FillRefused $refused) {
            throw ValidationException::withMessages(['task' => $refused->getMessage()]);
        }

        return back()->with('message', $message);
    }
}
