<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\Features\Week\Actions\ChooseInSheet;
use App\Features\Week\Actions\LineRefused;
use App\Features\Week\Actions\RemoveLine;
use App\Features\Week\Queries\TaskOffers;
use App\Features\Week\Requests\ChoicesRequest;
use App\Features\Week\Requests\RemoveLineRequest;
use App\Features\Week\Requests\TaskOffersRequest;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

/** The lines of a sheet: which there are to add, and which the owner wants to see. */
final class LinesController
{
    public function index(Person $person, Week $week, TaskOffersRequest $request, TaskOffers $offers): JsonResponse
    {
        Gate::authorize('recordWeek', $person);

        return response()->json($offers->of($person, $week, $request->words()));
    }

    /** Adds lines, brings them back, and rubs pencil out. */
    public function update(Person $person, Week $week, ChoicesRequest $request, ChooseInSheet $choose): JsonResponse|RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        try {
            $choose->handle($person, $week, $request->choices());
        } catch (LineRefused $refused) {
            return $request->expectsJson()
                ? response()->json(['message' => $refused->getMessage()], 422)
                : back()->with('refusal', $refused->getMessage());
        }

        return $request->expectsJson() ? response()->json(['saved' => true]) : back();
    }

    public function destroy(#[CurrentUser] Person $actor, Person $person, Week $week, RemoveLineRequest $request, RemoveLine $remove): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        try {
            $remove->handle($actor, $person, $week, $request->task(), $request->role(), $request->minutes());
        } catch (LineRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back();
    }
}
