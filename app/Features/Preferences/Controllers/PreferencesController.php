<?php

declare(strict_types=1);

namespace App\Features\Preferences\Controllers;

use App\Features\Preferences\Requests\ArrangementRequest;
use App\Features\Preferences\Requests\PreferencesRequest;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

final class PreferencesController
{
    public function update(#[CurrentUser] Person $person, PreferencesRequest $request): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $person->update($request->given());

        return back();
    }

    /** In which order the person keeps lines, and which projects are collapsed. */
    public function arrange(#[CurrentUser] Person $person, ArrangementRequest $request): JsonResponse
    {
        Gate::authorize('changePreferences', $person);
        $person->update(['arrangement' => $request->arrangement()]);

        return response()->json(['saved' => true]);
    }
}
