<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Controllers;

use App\Features\HouseRules\Actions\SetRule;
use App\Features\HouseRules\Queries\RuleSettings;
use App\Features\HouseRules\Requests\RuleRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\HouseRules\Severity;

final class HouseRulesController
{
    public function show(#[CurrentUser] Person $office, RuleSettings $settings, Today $today): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('HouseRules', ['houseRules' => $settings->of($today->for($office))]);
    }

    public function update(#[CurrentUser] Person $office, RuleRequest $request, SetRule $set): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $text = static fn (string $name): ?string => $request->input($name) === null ? null : $request->string($name)->toString();
        $set->handle($office, $request->rule()->code(), Severity::from($request->string('severity')->toString()), $request->limit() ?? 0, $text('from'), $text('team'), $text('project'));

        return back()->with('message', Wording::refusal('rule.set', ['rule' => Wording::of('findings.'.$request->rule()->code().'.name')]));
    }

    public function destroy(#[CurrentUser] Person $office, int $setting, SetRule $set): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $set->remove($office, $setting);

        return back()->with('message', Wording::refusal('rule.taken_away'));
    }
}
