<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\Features\SecondFactor\Queries\FactorState;
use App\Features\SignIn\PendingSignIn;
use App\Models\Person;
use App\Models\SignInMethod;
use App\Support\Clock\Today;

/** Goes on once it is known who somebody is: signs them in, or has them enter their second factor first. */
final readonly class BeginSignIn
{
    public function __construct(private SignInSessions $sessions, private PendingSignIn $pending, private Today $today)
    {
    }

    /**
     * @param  bool  $hasFactor  whether a second factor was given already, where the person signed in
     *
     * @throws SignInRefused if the person's access has ended
     */
    public function handle(Person $person, SignInMethod $method, bool $hasFactor = false): SignInStep
    {
        if (! $person->hasAccess($this->today->for($person))) {
            throw SignInRefused::ended();
        }
        if (! $hasFactor && FactorState::isOn($person)) {
            $this->pending->remember($person, $method);

            return SignInStep::SecondFactor;
        }
        $this->sessions->begin($person, $method, $hasFactor);

        return SignInStep::SignedIn;
    }
}
