<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

/** How far somebody is who signs in. */
enum SignInStep
{
    case SignedIn;
    case SecondFactor;

    /** The name of the route where it goes on. */
    public function route(): string
    {
        return match ($this) {
            self::SignedIn => 'home',
            self::SecondFactor => 'sign-in.code',
        };
    }
}
