<?php

declare(strict_types=1);

namespace App\Features\Account\Controllers;

use App\Features\Account\Queries\OwnAccount;
use App\Features\Account\Requests\ConfirmationRequest;
use App\Features\SignIn\Actions\ConfirmIdentity;
use App\Features\SignIn\Actions\SignInRefused;
use App\Features\SignIn\Actions\SignInSessions;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** How somebody signs in, and where they are signed in. */
final class AccountController
{
    public function show(#[CurrentUser] Person $person, Request $request, OwnAccount $account): Response
    {
        Gate::authorize('changePreferences', $person);

        $token = $request->session()->get('token');

        return Inertia::render('Account', ['account' => $account->of($person, is_string($token) ? $token : null)]);
    }

    /** @throws ValidationException */
    public function confirm(#[CurrentUser] Person $person, ConfirmationRequest $request, ConfirmIdentity $confirm): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        try {
            $confirm->handle($person, $request->password(), (string) $request->ip());
        } catch (SignInRefused $refused) {
            throw ValidationException::withMessages(['confirmation' => $refused->getMessage()]);
        }

        return redirect()->route('account')->with('message', Wording::of('signin.confirmed'));
    }

    public function endOne(#[CurrentUser] Person $person, int $signIn, SignInSessions $sessions): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $sessions->endOthers($person, $signIn);

        return redirect()->route('account')->with('message', Wording::of('signin.ended_one'));
    }

    public function endOthers(#[CurrentUser] Person $person, SignInSessions $sessions): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $sessions->endOthers($person);

        return redirect()->route('account')->with('message', Wording::of('signin.ended_others'));
    }
}
