<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\Models\Person;
use Illuminate\Support\Facades\Hash;

/** Has somebody who is signed in show by their password that it is still them, before they change how they sign in. */
final readonly class ConfirmIdentity
{
    public function __construct(private AttemptLimits $limits, private SignInSessions $sessions, private FailedSignIns $failed)
    {
    }

    /** @throws SignInRefused if it is not their password, or there were too many attempts */
    public function handle(Person $person, string $password, string $address): void
    {
        $this->limits->count($person->email, $address);
        if ($person->password === null || ! Hash::check($password, $person->password)) {
            $this->failed->tell($person, 'password');
            throw SignInRefused::wrongPassword();
        }
        $this->limits->clear($person->email, $address);
        $this->sessions->confirm();
    }
}
