<?php

declare(strict_types=1);

namespace App\Features\Account\Actions;

use App\Features\Passwords\Actions\PasswordRefused;
use App\Features\Passwords\PasswordRules;
use App\Features\SecondFactor\Queries\FactorState;
use App\Features\SignIn\Actions\ChangeAccess;
use App\Features\SignIn\Actions\ConfirmIdentity;
use App\Features\SignIn\Actions\SignInRefused;
use App\Features\SignIn\Actions\SignInSessions;
use App\Models\Person;
use App\Models\SignInMethod;

/** Gives somebody another password. All their sign-ins end; the browser in which they did it is signed in anew. */
final readonly class ChangePassword
{
    public function __construct(private ConfirmIdentity $confirm, private PasswordRules $rules, private ChangeAccess $access, private SignInSessions $sessions)
    {
    }

    /**
     * @throws SignInRefused if the current password is wrong
     * @throws PasswordRefused if the new one is not good enough
     */
    public function handle(Person $person, string $current, string $password, string $address): void
    {
        $this->confirm->handle($person, $current, $address);
        $fault = $this->rules->fault($password, $person);
        if ($fault !== null) {
            throw PasswordRefused::because($fault);
        }
        $this->access->setPassword($person, $password, $person);
        $this->sessions->begin($person, SignInMethod::Password, FactorState::isOn($person));
    }
}
