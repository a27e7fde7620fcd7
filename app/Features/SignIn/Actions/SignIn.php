<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Support\Facades\RateLimiter;

/** Signs a person in by e-mail and password, a few attempts a minute for each address and e-mail. */
final readonly class SignIn
{
    public function __construct(private StatefulGuard $guard)
    {
    }

    /**
     * Starts the session of the person.
     *
     * @throws SignInRefused
     */
    public function handle(string $email, string $password, string $address): void
    {
        $key = 'sign-in:'.hash('sha256', $email.'|'.$address);
        $attempts = config('moss.sign_in_attempts');
        if (RateLimiter::tooManyAttempts($key, is_int($attempts) ? $attempts : 5)) {
            throw SignInRefused::pause(RateLimiter::availableIn($key));
        }
        if (! $this->guard->attempt(['email' => $email, 'password' => $password])) {
            RateLimiter::hit($key, 60);
            throw SignInRefused::wrong();
        }
        RateLimiter::clear($key);
    }
}
