<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Support\Facades\RateLimiter;

/** Signs a person in by e-mail and password, a few attempts a minute for each person, and for each place. */
final readonly class SignIn
{
    /** Failed attempts a minute before a pause. */
    private const OF_ONE_PERSON = 5;

    private const FROM_ONE_PLACE = 30;

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
        $own = 'sign-in:'.hash('sha256', $email.'|'.$address);
        // Many people's addresses tried from one place are counted together.
        $limits = [$own => self::OF_ONE_PERSON, 'sign-in-from:'.$address => self::FROM_ONE_PLACE];
        foreach ($limits as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw SignInRefused::pause(RateLimiter::availableIn($key));
            }
        }
        if (! $this->guard->attempt(['email' => $email, 'password' => $password])) {
            foreach (array_keys($limits) as $key) {
                RateLimiter::hit($key, 60);
            }
            throw SignInRefused::wrong();
        }
        RateLimiter::clear($own);
    }
}
