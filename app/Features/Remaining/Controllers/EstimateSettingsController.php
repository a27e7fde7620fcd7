<?php

declare(strict_types=1);

namespace App\Features\Remaining\Controllers;

use App\Features\Remaining\Actions\SaveEstimateSettings;
use App\Features\Remaining\Props\EstimateSettingsProps;
use App\Features\Remaining\Requests\EstimateSettingsRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Project;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** How remaining estimates take effect in the organisation. */
final class EstimateSettingsController
{
    public function show(): Response
    {
        Gate::authorize('keep', Organisation::class);
        $organisation = Organisation::query()->sole();

        return Inertia::render('EstimateSettings', ['settings' => new EstimateSettingsProps(
            $organisation->estimate_mode,
            $organisation->estimate_tolerance->toInt(),
            Project::query()->open()->whereNotNull('estimate_mode')->where('estimate_mode', '<>', $organisation->estimate_mode->value)->count(),
        )]);
    }

    public function update(#[CurrentUser] Person $office, EstimateSettingsRequest $request, SaveEstimateSettings $set): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $set->handle($office, $request->mode(), $request->tolerance());

        return back()->with('message', Wording::refusal('remaining.set'));
    }
}
