<?php

declare(strict_types=1);

namespace App\Features\Preferences\Controllers;

use App\Features\Preferences\Requests\PreferencesRequest;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

final class PreferencesController
{
    public function update(#[CurrentUser] Person $person, PreferencesRequest $request): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $person->update(['hours_format' => $request->hoursFormat()]);

        return back();
    }
}
