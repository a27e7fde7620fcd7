<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn\Controllers;

use App\Features\SignIn\Actions\BeginSignIn;
use App\Features\SignIn\Actions\SignInRefused;
use App\Features\SignIn\Actions\SignInSessions;
use App\Features\SignIn\Actions\SignInStep;
use App\Features\SingleSignOn\Actions\FindPerson;
use App\Features\SingleSignOn\Actions\IdentityRefused;
use App\Features\SingleSignOn\IdentityProvider;
use App\Features\SingleSignOn\KnownIdentity;
use App\Features\SingleSignOn\ProviderFailed;
use App\Features\SingleSignOn\StartedSignIn;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\SignInMethod;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;

/** Sends people to the identity provider, to sign in or to confirm that it is them, and takes them back. */
final readonly class SingleSignOnController
{
    private const KEPT = 'single_sign_on';

    public function __construct(private IdentityProvider $provider, private Today $today)
    {
    }

    public function store(Request $request): Response
    {
        if (config('single_sign_on.issuer') === null) {
            return redirect()->route('sign-in')->with('refusal', Wording::of('signin.sso_off'));
        }
        try {
            $started = $this->provider->begin(Auth::check());
        } catch (ProviderFailed $failed) {
            return $this->failed($failed);
        }
        $request->session()->put(self::KEPT, $started->kept());

        return Inertia::location($started->address);
    }

    public function show(Request $request, FindPerson $people, BeginSignIn $begin, SignInSessions $sessions): RedirectResponse
    {
        $started = StartedSignIn::read($request->session()->pull(self::KEPT), $this->today->instant()->getTimestamp());
        $answer = Address::of($request);
        try {
            if ($started === null || ! hash_equals($started->state, $answer->text('state')) || $answer->text('code', 2000) === '') {
                throw ProviderFailed::because('the browser came back without an answer to what was asked.');
            }
            $identity = $this->provider->identify($answer->text('code', 2000), $started);
            $signedIn = $request->user();
            if ($signedIn instanceof Person) {
                return $this->confirm($signedIn, $started, $identity, $people, $sessions);
            }
            $step = $begin->handle($people->handle($identity), SignInMethod::SingleSignOn, $identity->hasFactor);
        } catch (ProviderFailed $failed) {
            return $this->failed($failed);
        } catch (IdentityRefused|SignInRefused $refused) {
            return redirect()->route('sign-in')->with('refusal', $refused->getMessage());
        }

        return $step === SignInStep::SignedIn ? redirect()->intended(route($step->route())) : redirect()->route($step->route());
    }

    /** @throws IdentityRefused */
    private function confirm(Person $signedIn, StartedSignIn $started, KnownIdentity $identity, FindPerson $people, SignInSessions $sessions): RedirectResponse
    {
        if (! $started->isAgain || ! $people->handle($identity)->is($signedIn)) {
            return redirect()->route('account')->with('refusal', Wording::of('signin.sso_other', ['name' => config()->string('single_sign_on.name'), 'email' => $signedIn->email]));
        }
        $sessions->confirm();

        return redirect()->route('account')->with('message', Wording::of('signin.confirmed'));
    }

    private function failed(ProviderFailed $failed): RedirectResponse
    {
        report($failed);

        return redirect()->route(Auth::check() ? 'account' : 'sign-in')->with('refusal', Wording::of('signin.sso_failed', ['name' => config()->string('single_sign_on.name')]));
    }
}
