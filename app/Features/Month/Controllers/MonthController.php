<?php

declare(strict_types=1);

namespace App\Features\Month\Controllers;

use App\Features\Month\Actions\FilledCell;
use App\Features\Month\Actions\FillRefused;
use App\Features\Month\Actions\FillRest;
use App\Features\Month\Actions\UndoFill;
use App\Features\Month\Queries\MonthSheet;
use App\Features\Month\Requests\FillRequest;
use App\Features\Month\Requests\UndoFillRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Closure;
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
        return $this->after($person, static function () use ($person, $month, $request, $fill): RedirectResponse {
            $filled = $fill->handle($person, $month, $request->task(), $request->role());
            $undo = route('month.undo-fill', [
                'month' => $month->first()->month(), 'task' => $request->task(), 'role' => $request->role(),
                // Addresses hold no lists.
                'cells' => implode(',', array_map(static fn (FilledCell $cell): string => $cell->toString(), $filled->cells)),
            ], false);

            return back()->with('undo', $undo)->with('message', $filled->sentence);
        });
    }

    public function undoFill(#[CurrentUser] Person $person, DayRange $month, UndoFillRequest $request, UndoFill $undo): RedirectResponse
    {
        return $this->after($person, static fn (): RedirectResponse => back()->with('message', $undo->handle($person, $request->task(), $request->role(), $request->cells())));
    }

    /**
     * @param  Closure(): RedirectResponse  $act
     *
     * @throws ValidationException
     */
    private function after(Person $person, Closure $act): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        try {
            return $act();
        } catch (FillRefused $refused) {
            throw ValidationException::withMessages(['task' => $refused->getMessage()]);
        }
    }
}
