<?php

declare(strict_types=1);

namespace App\Features\SignIn;

use App\Models\Person;
use App\Models\SignInMethod;
use App\Support\Clock\Today;
use Illuminate\Contracts\Session\Session;

/** Who has given their password in this browser and still has to enter their second factor; for ten minutes. */
final readonly class PendingSignIn
{
    private const KEY = 'pending_sign_in';

    private const MINUTES = 10;

    public function __construct(private Session $session, private Today $today)
    {
    }

    public function remember(Person $person, SignInMethod $method): void
    {
        $this->session->regenerate();
        $this->session->put(self::KEY, [
            'person' => $person->id,
            'password' => SignedInPeople::passwordHash($person),
            'method' => $method->value,
            'until' => $this->today->instant()->getTimestamp() + self::MINUTES * 60,
        ]);
    }

    /** Null where there is nobody, it took too long, or they have another password by now. */
    public function person(): ?Person
    {
        $kept = $this->kept();
        $person = $kept === null ? null : Person::query()->find($kept['person']);

        return $kept !== null && $person !== null && hash_equals($kept['password'], SignedInPeople::passwordHash($person)) ? $person : null;
    }

    public function method(): SignInMethod
    {
        return SignInMethod::tryFrom($this->kept()['method'] ?? '') ?? SignInMethod::Password;
    }

    public function forget(): void
    {
        $this->session->forget(self::KEY);
    }

    /** @return array{person: int, password: string, method: string}|null */
    private function kept(): ?array
    {
        $kept = $this->session->get(self::KEY);
        if (! is_array($kept) || ! is_int($kept['person'] ?? null) || ! is_string($kept['password'] ?? null) || ! is_string($kept['method'] ?? null) || ! is_int($kept['until'] ?? null)) {
            return null;
        }

        return $kept['until'] < $this->today->instant()->getTimestamp() ? null : ['person' => $kept['person'], 'password' => $kept['password'], 'method' => $kept['method']];
    }
}
