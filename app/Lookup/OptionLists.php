<?php

declare(strict_types=1);

namespace App\Lookup;

use App\Lookup\Props\OptionProps;
use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;

/** Things to choose from. */
final class OptionLists
{
    /** @return list<OptionProps> */
    public static function costReaders(): array
    {
        return self::all(Person::query()->toBase()->where('sees_cost', 1));
    }

    /** @return list<OptionProps> by name */
    private static function all(Builder $query): array
    {
        return array_map(static fn (Record $one): OptionProps => new OptionProps($one->string('code'), $one->string('name')), Record::all($query->select('code', 'name')->orderBy('name')->orderBy('code')));
    }
}
