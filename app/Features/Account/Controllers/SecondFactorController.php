<?php

declare(strict_types=1);

namespace App\Features\Account\Controllers;

use App\Features\Account\Props\FactorSetUpProps;
use App\Features\SecondFactor\Actions\FactorRefused;
use App\Features\SecondFactor\Actions\RemoveFactor;
use App\Features\SecondFactor\Actions\RenewRecoveryCodes;
use App\Features\SecondFactor\Actions\SetUpFactor;
use App\Features\SecondFactor\Queries\FactorState;
use App\Features\SignIn\Actions\SignInSessions;
use App\Features\SignIn\CurrentSignIn;
use App\Features\SignIn\Requests\SignInCodeRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Somebody's own second factor. */
final readonly class SecondFactorController
{
    /** What the session calls the recovery codes, until they are shown. */
    private const CODES = 'recovery_codes';

    public function __construct(private CurrentSignIn $current)
    {
    }

    /** The secret, until a code of it has been entered. */
    public function show(#[CurrentUser] Person $person, SetUpFactor $setUp): Response|RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $secret = $setUp->begin($person);

        return $secret === null ? redirect()->route('account') : Inertia::render('SecondFactor', [
            'setUp' => FactorSetUpProps::of($secret, $person->email, Organisation::query()->sole()->name, $this->current->needsFactor()),
        ]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $person, SignInCodeRequest $request, SetUpFactor $setUp, SignInSessions $sessions): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        try {
            $codes = $setUp->confirm($person, $request->code());
        } catch (FactorRefused $refused) {
            throw ValidationException::withMessages(['code' => $refused->getMessage()]);
        }
        $sessions->confirm(hasFactor: true);

        return redirect()->route('account.recovery-codes')->with(self::CODES, $codes)->with('message', Wording::of('signin.factor_on'));
    }

    public function destroy(#[CurrentUser] Person $person, RemoveFactor $remove, FactorState $state): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        if ($state->of($person)->isRequired) {
            return redirect()->route('account')->with('refusal', Wording::of('signin.factor_required'));
        }
        $remove->handle($person, $person);

        return redirect()->route('account')->with('message', Wording::of('signin.factor_off'));
    }

    /** Shown once, right after they were made. */
    public function codes(#[CurrentUser] Person $person): Response|RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $codes = session(self::CODES);

        return is_array($codes) && $codes !== [] ? Inertia::render('RecoveryCodes', ['codes' => array_values(array_filter($codes, is_string(...)))]) : redirect()->route('account');
    }

    public function renewCodes(#[CurrentUser] Person $person, RenewRecoveryCodes $renew): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        abort_unless(FactorState::isOn($person), 404);

        return redirect()->route('account.recovery-codes')->with(self::CODES, $renew->handle($person));
    }
}
