<?php

declare(strict_types=1);

namespace App\Features\Sheets\Controllers;

use App\Features\Sheets\Actions\NameRecorder;
use App\Features\Sheets\Queries\Sheets;
use App\Features\Sheets\Requests\RecorderRequest;
use App\Features\Sheets\Requests\SheetsRequest;
use App\Models\Person;
use App\Support\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Whose sheets somebody records in, and whom they let record in theirs. */
final class SheetsController
{
    public function show(#[CurrentUser] Person $reader, SheetsRequest $request, Sheets $sheets): Response
    {
        Gate::authorize('recordWeek', $reader);

        return Inertia::render('Sheets', ['sheets' => $sheets->of($reader, $request->search())]);
    }

    public function update(#[CurrentUser] Person $owner, Person $person, RecorderRequest $request, NameRecorder $name): RedirectResponse
    {
        Gate::authorize('nameRecorder', $person);
        $name->handle($owner, $person, $request->maySubmit());

        return back()->with('message', Words::refusal($request->maySubmit() ? 'sheets.may_submit' : 'sheets.may_record', ['name' => $person->name]));
    }

    public function destroy(#[CurrentUser] Person $owner, Person $person, NameRecorder $name): RedirectResponse
    {
        Gate::authorize('recordWeek', $owner);
        $name->handle($owner, $person, null);

        return back()->with('message', Words::refusal('sheets.no_more', ['name' => $person->name]));
    }
}
