<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn;

/** Where people sign in instead of here. */
interface IdentityProvider
{
    /**
     * Begins a sign-in.
     *
     * @param  bool  $isAgain  whether the person has to enter there again who they are
     *
     * @throws ProviderFailed
     */
    public function begin(bool $isAgain): StartedSignIn;

    /**
     * Who came back from there.
     *
     * @param  string  $code  that the provider gave the browser
     *
     * @throws ProviderFailed if it does not say so, or what it says cannot be trusted
     */
    public function identify(string $code, StartedSignIn $started): KnownIdentity;
}
