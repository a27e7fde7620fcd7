<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Controllers;

use App\Features\Timesheets\Actions\AddRecorder;
use App\Features\Timesheets\Queries\RecordableTimesheets;
use App\Features\Timesheets\Requests\RecorderRequest;
use App\Features\Timesheets\Requests\TimesheetsRequest;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Whose sheets somebody records in, and whom they let record in theirs. */
final class TimesheetsController
{
    public function show(#[CurrentUser] Person $reader, TimesheetsRequest $request, RecordableTimesheets $sheets): Response
    {
        Gate::authorize('recordWeek', $reader);

        return Inertia::render('Sheets', ['sheets' => $sheets->of($reader, $request->search())]);
    }

    public function update(#[CurrentUser] Person $owner, Person $person, RecorderRequest $request, AddRecorder $name): RedirectResponse
    {
        Gate::authorize('nameRecorder', $person);
        $name->handle($owner, $person, $request->maySubmit());

        return back()->with('message', Wording::refusal($request->maySubmit() ? 'sheets.may_submit' : 'sheets.may_record', ['name' => $person->name]));
    }

    public function destroy(#[CurrentUser] Person $owner, Person $person, AddRecorder $name): RedirectResponse
    {
        Gate::authorize('recordWeek', $owner);
        $name->handle($owner, $person, null);

        return back()->with('message', Wording::refusal('sheets.no_more', ['name' => $person->name]));
    }
}
