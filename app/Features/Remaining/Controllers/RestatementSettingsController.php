<?php

declare(strict_types=1);

namespace App\Features\Remaining\Controllers;

use App\Features\Remaining\Actions\SetRestatements;
use App\Features\Remaining\Props\RestatementSettingsProps;
use App\Features\Remaining\Requests\RestatementsRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Project;
use App\Support\Words;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** How words on what is left count in the organisation. */
final class RestatementSettingsController
{
    public function show(): Response
    {
        Gate::authorize('keep', Organisation::class);
        $organisation = Organisation::query()->sole();

        return Inertia::render('RestatementSettings', ['settings' => new RestatementSettingsProps(
            $organisation->restatements,
            $organisation->restatement_tolerance,
            Project::query()->where('state', 'open')->whereNotNull('restatements')->where('restatements', '<>', $organisation->restatements->value)->count(),
        )]);
    }

    public function update(#[CurrentUser] Person $office, RestatementsRequest $request, SetRestatements $set): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $set->handle($office, $request->mode(), $request->tolerance());

        return back()->with('message', Words::refusal('remaining.set'));
    }
}
