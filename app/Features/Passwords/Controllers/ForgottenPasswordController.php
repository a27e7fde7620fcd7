<?php

declare(strict_types=1);

namespace App\Features\Passwords\Controllers;

use App\Features\Passwords\Jobs\MailPasswordLink;
use App\Features\Passwords\Requests\ForgottenPasswordRequest;
use App\Models\PasswordLinkKind;
use App\Support\Language\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Where somebody asks for a link to set a password. The answer is the same for everybody. */
final class ForgottenPasswordController
{
    /** Links asked for from one network address, and within how many seconds. */
    private const MOST = 20;

    private const WITHIN_SECONDS = 3600;

    public function show(): Response
    {
        return Inertia::render('ForgottenPassword');
    }

    /** @throws ValidationException */
    public function store(ForgottenPasswordRequest $request): RedirectResponse
    {
        $counter = 'password-links-from:'.$request->ip();
        if (RateLimiter::tooManyAttempts($counter, self::MOST)) {
            throw ValidationException::withMessages(['email' => Wording::of('passwords.too_many', ['minutes' => intdiv(RateLimiter::availableIn($counter), 60) + 1])]);
        }
        RateLimiter::hit($counter, self::WITHIN_SECONDS);
        MailPasswordLink::dispatch($request->email(), PasswordLinkKind::Forgotten);

        return redirect()->route('sign-in')->with('message', Wording::of('passwords.sent'));
    }
}
