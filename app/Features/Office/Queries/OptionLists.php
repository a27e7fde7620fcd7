<?php

declare(strict_types=1);

namespace App\Features\Office\Queries;

use App\Features\Office\Props\OptionProps;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Things to choose from. */
final class OptionLists
{
    /** @return list<OptionProps> */
    public static function teams(): array
    {
        return self::all(DB::table('teams'));
    }

    /** @return list<OptionProps> */
    public static function openProjects(): array
    {
        return self::all(DB::table('projects')->where('state', 'open'));
    }

    /** @return list<OptionProps> */
    public static function roles(): array
    {
        return self::all(DB::table('roles'));
    }

    /** @return list<OptionProps> */
    public static function clients(): array
    {
        return self::all(DB::table('clients'));
    }

    /** @return list<OptionProps> */
    public static function peopleWhoMayDecide(): array
    {
        return self::all(DB::table('people')->where('access', '<>', 'viewer'));
    }

    /** @return list<OptionProps> */
    public static function costReaders(): array
    {
        return self::all(DB::table('people')->where('sees_cost', 1));
    }

    /** @return list<OptionProps> by name */
    private static function all(Builder $query): array
    {
        return array_map(static fn (Record $one): OptionProps => new OptionProps($one->string('code'), $one->string('name')), Record::all($query->select('code', 'name')->orderBy('name')->orderBy('code')));
    }
}
