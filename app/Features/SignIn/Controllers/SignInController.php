<?php

declare(strict_types=1);

namespace App\Features\SignIn\Controllers;

use App\Features\SignIn\Actions\SignIn;
use App\Features\SignIn\Actions\SignInRefused;
use App\Features\SignIn\Props\SignInProps;
use App\Features\SignIn\Queries\DemoPeople;
use App\Features\SignIn\Requests\SignInRequest;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

final class SignInController
{
    public function show(DemoPeople $demo): Response
    {
        return Inertia::render('SignIn', ['page' => new SignInProps(Organisation::query()->sole()->name, $demo->list())]);
    }

    public function store(SignInRequest $request, SignIn $signIn): RedirectResponse
    {
        try {
            $signIn->handle($request->email(), $request->string('password')->toString(), (string) $request->ip());
        } catch (SignInRefused $refused) {
            throw ValidationException::withMessages(['email' => $refused->getMessage()]);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('home'));
    }

    public function demo(Request $request, DemoPeople $demo, StatefulGuard $guard): RedirectResponse
    {
        $code = $request->string('person')->toString();
        abort_unless($demo->includes($code), 403, (string) __('signin.no_demo'));
        $guard->login(Person::query()->where('code', $code)->sole());
        $request->session()->regenerate();

        return redirect()->intended(route('home'));
    }

    public function destroy(Request $request, StatefulGuard $guard): RedirectResponse
    {
        $guard->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in')->with('message', __('signin.signed_out'));
    }
}
