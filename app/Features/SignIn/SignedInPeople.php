<?php

declare(strict_types=1);

namespace App\Features\SignIn;

use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Contracts\Session\Session;

/**
 * Finds the person of a session, in one query and only as long as the sign-in holds: its row is there and not too old, the
 * password is the one it began with, and the person still has access.
 */
final class SignedInPeople extends EloquentUserProvider
{
    /** What the session calls the key of its sign-in. */
    public const KEY = 'sign_in_key';

    private const LONGEST_DAYS = 30;

    public function __construct(Hasher $hasher, private readonly Session $session, private readonly Today $today)
    {
        parent::__construct($hasher, Person::class);
    }

    /** @param  mixed  $identifier */
    public function retrieveById($identifier): ?Person
    {
        $key = $this->session->get(self::KEY);
        $id = filter_var($identifier, FILTER_VALIDATE_INT);
        if (! is_string($key) || $id === false) {
            return null;
        }
        $person = Person::query()->whereKey($id)
            ->join('sign_ins', 'sign_ins.person_id', 'people.id')
            ->where('sign_ins.key_hash', hash('sha256', $key))
            ->where('sign_ins.started_at', '>=', self::earliestStart($this->today))
            ->first(['people.*', 'sign_ins.password_hash']);
        $passwordThen = $person?->getAttribute('password_hash');
        if ($person === null || ! is_string($passwordThen) || ! hash_equals($passwordThen, self::passwordHash($person))) {
            return null;
        }
        $person->offsetUnset('password_hash');
        $person->syncOriginal();

        return $person->hasAccess($this->today->for($person)) ? $person : null;
    }

    public static function passwordHash(Person $person): string
    {
        return hash('sha256', (string) $person->password);
    }

    /** Sign-ins that began before this UTC instant are over. */
    public static function earliestStart(Today $today): string
    {
        return $today->now()->modify('-'.self::LONGEST_DAYS.' days')->format('Y-m-d\TH:i:s\Z');
    }
}
