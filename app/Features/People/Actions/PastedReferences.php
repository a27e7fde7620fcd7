<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;

/** What names and codes in pasted rows can mean: three queries for any number of rows. */
final readonly class PastedReferences
{
    /**
     * @param  array<string, int|null>  $teams  ids by code or name in small letters; null where several have it
     * @param  array<string, int|null>  $roles  likewise
     * @param  array<string, int|null>  $people  likewise, also by email address
     * @param  array<string, true>  $codes  of people, in small letters
     * @param  array<string, true>  $emails
     */
    private function __construct(public array $teams, public array $roles, public array $people, public array $codes, public array $emails)
    {
    }

    public static function read(): self
    {
        $people = Record::all(Person::query()->toBase()->select('id', 'code', 'name', 'email'));
        $lower = static fn (string $column): array => array_fill_keys(array_map(static fn (Record $person): string => mb_strtolower($person->string($column)), $people), true);

        return new self(self::named(Team::query()->toBase()), self::named(Role::query()->toBase()), self::ids($people, ['name', 'code', 'email']), $lower('code'), $lower('email'));
    }

    /** @return array<string, int|null> */
    private static function named(Builder $query): array
    {
        return self::ids(Record::all($query->select('id', 'code', 'name')), ['name', 'code']);
    }

    /**
     * @param  list<Record>  $records
     * @param  list<string>  $columns  the later ones count more
     * @return array<string, int|null>
     */
    private static function ids(array $records, array $columns): array
    {
        $ids = [];
        foreach ($columns as $column) {
            $of = [];
            foreach ($records as $record) {
                $key = mb_strtolower($record->string($column));
                $of[$key] = array_key_exists($key, $of) ? null : $record->int('id');
            }
            $ids = $of + $ids;
        }

        return $ids;
    }
}
