<?php

declare(strict_types=1);

namespace App\Effort;

use App\Models\Person;
use App\Models\Rate as RateModel;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\DatedRate;
use Moss\Core\Money\Pricing;
use Moss\Core\Money\Rate;
use Moss\Core\Money\RateCard;

/** The rate card and the usual roles of people, in two queries. */
final class RatesInForce
{
    /** For everybody. */
    public static function load(): Pricing
    {
        return self::pricing(null);
    }

    /**
     * For those people, and for any role.
     *
     * @param  list<int>  $people
     */
    public static function of(array $people): Pricing
    {
        return self::pricing(static fn (Builder $query, string $column): Builder => $query->whereIntegerInRaw($column, $people));
    }

    /**
     * For those who hold or have recorded something on the projects, and for any role.
     *
     * @param  list<int>  $projects
     */
    public static function ofProjects(array $projects): Pricing
    {
        $on = static fn (string $table): Builder => DB::table($table)->join('tasks', 'tasks.id', $table.'.task_id')
            ->whereIntegerInRaw('tasks.project_id', $projects)->whereNotNull($table.'.person_id')->select($table.'.person_id');

        return self::pricing(static fn (Builder $query, string $column): Builder => $query->whereIn($column, $on('assignments')->union($on('recorded_weeks'))));
    }

    /** @return array<string, string|null> role code by person code */
    public static function usualRoles(): array
    {
        return self::rolesOf(null);
    }

    /** @param  (callable(Builder, string): Builder)|null  $who  narrows a query to people by the column that names them */
    private static function pricing(?callable $who): Pricing
    {
        $query = RateModel::query()->toBase()
            ->leftJoin('people', 'people.id', 'rates.person_id')
            ->leftJoin('roles', 'roles.id', 'rates.role_id')
            ->select('people.code AS person', 'roles.code AS role', 'rates.starts_on', 'rates.cost_rate', 'rates.bill_rate')
            ->when($who !== null, static fn (Builder $query): Builder => $query->where(
                static fn (Builder $either): Builder => $either->whereNull('rates.person_id')->orWhere(static fn (Builder $named): Builder => $who === null ? $named : $who($named, 'rates.person_id')),
            ));
        $rates = [];
        foreach (Record::all($query) as $record) {
            $bill = $record->stringOrNull('bill_rate');
            $rates[] = new DatedRate(
                $record->stringOrNull('person'),
                $record->stringOrNull('role'),
                Day::of($record->string('starts_on')),
                Rate::of($record->string('cost_rate')),
                $bill === null ? null : Rate::of($bill),
            );
        }

        return Pricing::from(RateCard::of($rates), self::rolesOf($who), $rates !== [] || RateModel::query()->exists());
    }

    /**
     * @param  (callable(Builder, string): Builder)|null  $who
     * @return array<string, string|null> role code by person code
     */
    private static function rolesOf(?callable $who): array
    {
        $query = Person::query()->toBase()->leftJoin('roles', 'roles.id', 'people.role_id')->select('people.code', 'roles.code AS role');
        $roles = [];
        foreach (Record::all($who === null ? $query : $who($query, 'people.id')) as $record) {
            $roles[$record->string('code')] = $record->stringOrNull('role');
        }

        return $roles;
    }
}
