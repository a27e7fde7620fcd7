<?php

declare(strict_types=1);

namespace App\Features\People\Controllers;

use App\Features\People\Actions\PersonRefused;
use App\Features\People\Actions\TransferResponsibilities;
use App\Features\People\Queries\Responsibilities;
use App\Features\People\Requests\TransferRequest;
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
final class ResponsibilitiesController
{
    public function show(Person $person, Responsibilities $responsibilities): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Responsibilities', ['responsibilities' => $responsibilities->of($person)]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $office, Person $person, TransferRequest $request, TransferResponsibilities $transfer): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $to = $request->successor();
        try {
            $transfer->handle($office, $person, $to);
        } catch (PersonRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('organisation.transferred', ['name' => $person->name, 'to' => $to->name]));
    }
}
