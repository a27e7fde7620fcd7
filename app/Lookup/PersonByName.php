<?php

declare(strict_types=1);

namespace App\Lookup;

use App\Models\Person;

/** Somebody as they are typed: by code, else by a name that only one person has. */
final readonly class PersonByName
{
    public static function find(string $said): ?Person
    {
        $said = trim($said);
        $named = Person::query()->where('name', $said)->limit(2)->get();

        return Person::query()->where('code', $said)->first() ?? ($named->count() === 1 ? $named->first() : null);
    }
}
