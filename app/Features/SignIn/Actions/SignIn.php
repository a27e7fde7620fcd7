<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\Hash;

/** Signs a person in by email address and password. */
final readonly class SignIn
{
    public function __construct(private AttemptLimits $limits, private SignInSessions $sessions, private Today $today)
    {
    }

    /**
     * Starts the session of the person.
     *
     * @throws SignInRefused
     */
    public function handle(string $email, string $password, string $address): void
    {
        $this->limits->count($email, $address);
        $person = Person::query()->where('email', $email)->first();
        if (! self::isRight($password, $person?->password)) {
            throw SignInRefused::wrong();
        }
        assert($person instanceof Person);
        if (! $person->hasAccess($this->today->for($person))) {
            throw SignInRefused::ended();
        }
        $this->limits->clear($email, $address);
        if (Hash::needsRehash((string) $person->password)) {
            $person->update(['password' => $password]);
        }
        $this->sessions->begin($person);
    }

    /** Takes as long where there is no such person, or none with a password, as where the password is wrong. */
    private static function isRight(string $password, ?string $stored): bool
    {
        if ($stored === null) {
            Hash::make($password);

            return false;
        }

        return Hash::check($password, $stored);
    }
}
