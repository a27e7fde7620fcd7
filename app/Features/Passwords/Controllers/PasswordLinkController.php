<?php

declare(strict_types=1);

namespace App\Features\Passwords\Controllers;

use App\Features\Passwords\Actions\PasswordRefused;
use App\Features\Passwords\Actions\UsePasswordLink;
use App\Features\Passwords\Props\PasswordLinkProps;
use App\Features\Passwords\Requests\NewPasswordRequest;
use App\Features\SignIn\Actions\BeginSignIn;
use App\Features\SignIn\Actions\SignInRefused;
use App\Features\SignIn\Actions\SignInSessions;
use App\Models\SignInMethod;
use App\Support\Language\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Where the link of an invitation, or for a forgotten password, leads. Opening it uses nothing up. */
final class PasswordLinkController
{
    public function show(string $token, UsePasswordLink $links): Response
    {
        $person = $links->personOf($token);

        return Inertia::render('NewPassword', ['link' => new PasswordLinkProps($token, $person?->name, $person?->email)]);
    }

    /**
     * Whoever has set a password is signed in, once they have entered their second factor if they have one.
     *
     * @throws ValidationException
     */
    public function store(string $token, NewPasswordRequest $request, UsePasswordLink $links, BeginSignIn $begin, SignInSessions $sessions): RedirectResponse
    {
        try {
            $person = $links->handle($token, $request->password());
            if (Auth::check()) {
                $sessions->end();
            }

            return redirect()->route($begin->handle($person, SignInMethod::Link)->route())->with('message', Wording::of('passwords.set'));
        } catch (PasswordRefused|SignInRefused $refused) {
            throw ValidationException::withMessages(['password' => $refused->getMessage()]);
        }
    }
}
