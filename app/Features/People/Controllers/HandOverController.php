<?php

declare(strict_types=1);

namespace App\Features\People\Controllers;

use App\Features\People\Actions\HandOver;
use App\Features\People\Actions\PersonRefused;
use App\Features\People\Queries\LeftBehind;
use App\Features\People\Requests\HandOverRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** What somebody who leaves would leave behind, and who takes it over. */
final class HandOverController
{
    public function show(Person $person, LeftBehind $behind): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('HandOver', ['handOver' => $behind->of($person)]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $office, Person $person, HandOverRequest $request, HandOver $handOver): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $to = $request->successor();
        try {
            $handOver->handle($office, $person, $to);
        } catch (PersonRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('organisation.handed_over', ['name' => $person->name, 'to' => $to->name]));
    }
}
