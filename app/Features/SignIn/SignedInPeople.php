<?php

declare(strict_types=1);

namespace App\Features\SignIn;

use App\Models\Person;
use App\Models\SignIn;
use App\Models\StandIn;
use App\Support\Clock\Today;
use App\Support\Database\Sql;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Query\Builder;

/**
 * Finds the person of a session, in one query and only as long as the sign-in holds: its row is there and not too old, the
 * password is the one it began with, and the person still has access.
 */
final class SignedInPeople extends EloquentUserProvider
{
    /** What the session calls the key of its sign-in. */
    public const KEY = 'sign_in_key';

    public const LONGEST_DAYS = 7;

    /** After so many seconds it is written again that a sign-in is in use. */
    private const SEEN_EVERY = 600;

    /** What is read of the sign-in beside the person. */
    private const OF_SIGN_IN = ['id', 'password_hash', 'started_at', 'last_seen_at', 'confirmed_until', 'has_factor'];

    public function __construct(Hasher $hasher, private readonly Session $session, private readonly Today $today, private readonly CurrentSignIn $current)
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
            ->leftJoin('second_factors', 'second_factors.person_id', 'people.id')
            ->crossJoin('organisations')
            ->where('sign_ins.key_hash', hash('sha256', $key))
            ->where('sign_ins.started_at', '>=', self::earliestStart($this->today))
            ->select(['people.*', 'second_factors.confirmed_at as factor_since', 'organisations.factor_access', ...array_map(static fn (string $column): string => "sign_ins.$column as sign_in_$column", self::OF_SIGN_IN)])
            ->selectSub($this->standIns(), 'may_stand_in')
            ->first();
        if ($person === null) {
            return null;
        }
        $signIn = self::signInOf($person);
        $factorAccess = self::taken($person, 'factor_access');
        $person->mayStandIn = self::taken($person, 'may_stand_in') === 1;
        $hasFactor = self::taken($person, 'factor_since') !== null || $signIn->has_factor;
        $person->syncOriginal();
        if (! hash_equals($signIn->password_hash, self::passwordHash($person)) || ! $person->hasAccess($this->today->for($person))) {
            return null;
        }
        $this->current->hold($signIn, ! $hasFactor && str_contains(is_string($factorAccess) ? $factorAccess : '', '"'.$person->access->value.'"'));
        $this->see($signIn);

        return $person;
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

    /** Whether there are any days left on which the person stands in for somebody, wherever it is still yesterday. */
    private function standIns(): Builder
    {
        return StandIn::query()->toBase()->whereColumn('stand_ins.stand_in_id', 'people.id')->where('stand_ins.ends_on', '>=', $this->today->now()->modify('-1 day')->format('Y-m-d'))->select(Sql::exists());
    }

    /** Takes what belongs to the sign-in out of the row that was read for the person. */
    private static function signInOf(Person $person): SignIn
    {
        $values = ['person_id' => $person->id];
        foreach (self::OF_SIGN_IN as $column) {
            $values[$column] = self::taken($person, 'sign_in_'.$column);
        }

        return (new SignIn)->newFromBuilder($values);
    }

    private static function taken(Person $person, string $attribute): mixed
    {
        $value = $person->getAttribute($attribute);
        $person->offsetUnset($attribute);

        return $value;
    }

    private function see(SignIn $signIn): void
    {
        $now = $this->today->now();
        if ($signIn->last_seen_at === null || $signIn->last_seen_at < $now->modify('-'.self::SEEN_EVERY.' seconds')->format('Y-m-d\TH:i:s\Z')) {
            SignIn::query()->whereKey($signIn->id)->update(['last_seen_at' => $now->format('Y-m-d\TH:i:s\Z')]);
        }
    }
}
