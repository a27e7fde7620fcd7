<?php

declare(strict_types=1);

namespace App\Features\Accounts\Controllers;

use App\Features\Accounts\Actions\SetSingleSignOn;
use App\Features\Accounts\Requests\FactorAccessRequest;
use App\Features\Accounts\Requests\SingleSignOnRequest;
use App\Features\SecondFactor\Actions\RequireFactor;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** What is required of whoever signs in. */
final class SignInSettingsController
{
    public function factor(#[CurrentUser] Person $office, FactorAccessRequest $request, RequireFactor $require): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $require->handle($office, $request->access());

        return back()->with('message', Wording::of('accounts.factor_set'));
    }

    public function singleSignOn(#[CurrentUser] Person $office, SingleSignOnRequest $request, SetSingleSignOn $set): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $set->handle($office, $request->boolean('addsPeople'));

        return back()->with('message', Wording::of($request->boolean('addsPeople') ? 'accounts.sso_adds' : 'accounts.sso_adds_nobody'));
    }
}
