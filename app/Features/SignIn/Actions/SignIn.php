<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\Models\Person;
use App\Models\SignInMethod;
use Illuminate\Support\Facades\Hash;

/** Signs a person in by email address and password. */
final readonly class SignIn
{
    public function __construct(private AttemptLimits $limits, private BeginSignIn $begin, private FailedSignIns $failed)
    {
    }

    /**
     * Starts the session of the person, or has them enter their second factor.
     *
     * @throws SignInRefused
     */
    public function handle(string $email, string $password, string $address): SignInStep
    {
        $this->limits->count($email, $address);
        $person = Person::query()->where('email', $email)->first();
        if (! self::isRight($password, $person?->password)) {
            $this->failed->tell($person, $person === null ? 'address' : 'password');
            throw SignInRefused::wrong();
        }
        assert($person instanceof Person);
        $this->limits->clear($email, $address);
        if (Hash::needsRehash((string) $person->password)) {
            $person->update(['password' => $password]);
        }

        return $this->begin->handle($person, SignInMethod::Password);
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
