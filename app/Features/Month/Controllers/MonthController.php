<?php

declare(strict_types=1);

namespace App\Features\Month\Controllers;

use App\Features\Month\Actions\EnterCells;
use App\Features\Month\Actions\FilledCell;
use App\Features\Month\Actions\FillRefused;
use App\Features\Month\Actions\FillRest;
use App\Features\Month\Actions\UndoFill;
use App\Features\Month\Queries\MonthSheet;
use App\Features\Month\Requests\EnterCellsRequest;
use App\Features\Month\Requests\FillRequest;
use App\Features\Month\Requests\UndoFillRequest;
use App\Http\Input\DaysText;
use App\Models\Person;
use App\Sheet\TimesheetSetting;
use App\Support\Clock\Today;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\DayRange;

/** The month of whoever is signed in, or their timesheet where that covers other days. */
final class MonthController
{
    public function current(#[CurrentUser] Person $person, Today $today): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);

        return redirect()->route('month', ['days' => DaysText::of(TimesheetSetting::of($person)->pagePeriod()->containing($today->for($person)))]);
    }

    public function show(#[CurrentUser] Person $person, DayRange $days, MonthSheet $sheet): Response
    {
        Gate::authorize('recordWeek', $person);

        return Inertia::render('Month', ['month' => $sheet->of($person, $days)]);
    }

    public function enter(#[CurrentUser] Person $person, DayRange $days, EnterCellsRequest $request, EnterCells $enter): JsonResponse
    {
        Gate::authorize('recordWeek', $person);

        return response()->json($enter->handle($person, $days, $request->cells()));
    }

    public function fill(#[CurrentUser] Person $person, DayRange $days, FillRequest $request, FillRest $fill): RedirectResponse
    {
        return $this->after($person, static function () use ($person, $days, $request, $fill): RedirectResponse {
            $filled = $fill->handle($person, $days, $request->task(), $request->role());
            $undo = route('month.undo-fill', [
                'days' => DaysText::of($days), 'task' => $request->task(), 'role' => $request->role(),
                // Addresses hold no lists.
                'cells' => implode(',', array_map(static fn (FilledCell $cell): string => $cell->toString(), $filled->cells)),
            ], false);

            return back()->with('undo', $undo)->with('message', $filled->sentence);
        });
    }

    public function undoFill(#[CurrentUser] Person $person, DayRange $days, UndoFillRequest $request, UndoFill $undo): RedirectResponse
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
