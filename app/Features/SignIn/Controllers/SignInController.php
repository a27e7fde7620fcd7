<?php

declare(strict_types=1);

namespace App\Features\SignIn\Controllers;

use App\Features\SignIn\Actions\SignIn;
use App\Features\SignIn\Actions\SignInRefused;
use App\Features\SignIn\Actions\SignInSessions;
use App\Features\SignIn\Actions\SignInStep;
use App\Features\SignIn\Props\SignInProps;
use App\Features\SignIn\Queries\DemoPeople;
use App\Features\SignIn\Requests\DemoSignInRequest;
use App\Features\SignIn\Requests\SignInRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\SignInMethod;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

final class SignInController
{
    public function show(DemoPeople $demo): Response
    {
        return Inertia::render('SignIn', ['page' => new SignInProps(Organisation::query()->sole()->name, $demo->list(), SignInProps::singleSignOnName())]);
    }

    public function store(SignInRequest $request, SignIn $signIn): RedirectResponse
    {
        try {
            $step = $signIn->handle($request->email(), $request->string('password')->toString(), (string) $request->ip());
        } catch (SignInRefused $refused) {
            throw ValidationException::withMessages(['email' => $refused->getMessage()]);
        }

        return $step === SignInStep::SignedIn ? redirect()->intended(route($step->route())) : redirect()->route($step->route());
    }

    public function demo(DemoSignInRequest $request, DemoPeople $demo, SignInSessions $sessions, Today $today): RedirectResponse
    {
        abort_unless($demo->includes($request->person()), 403, Wording::of('signin.no_demo'));
        $person = Person::query()->where('code', $request->person())->firstOrFail();
        abort_unless($person->hasAccess($today->for($person)), 403, SignInRefused::ended()->getMessage());
        $sessions->begin($person, SignInMethod::Demonstration);

        return redirect()->intended(route('home'));
    }

    public function destroy(SignInSessions $sessions): RedirectResponse
    {
        $sessions->end();
        // What the browser keeps for its back button cannot be read from here on.
        Inertia::clearHistory();

        // Nor what it keeps to open without a network.
        return redirect()->route('sign-in')->with('message', Wording::of('signin.signed_out'))->withHeaders(['Clear-Site-Data' => '"storage"']);
    }
}
