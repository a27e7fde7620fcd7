<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Compare\ComparedDays;

/** Sums of stored week parts that lie whole within a period. */
final readonly class WeekSums
{
    /**
     * A longer period is read in the order in which the table is stored, by task and person, and what that leaves is summed up
     * again: that takes as long as reading all of it, but needs no sorting.
     */
    private const LONG_DAYS = 200;

    /**
     * @param  literal-string  $table
     * @param  non-empty-list<string>  $stored  its dimensions, in the order in which it is stored
     * @param  list<string>  $columns  that sums are told apart by
     * @param  array<string, string>  $sums  what is summed up, by its name
     * @param  list<string>  $bindings  of what is summed up
     */
    public static function of(string $table, array $stored, array $columns, array $sums, ComparedDays $days, ComparableWork $work, array $bindings = []): Builder
    {
        $isLong = $days->period->count() > self::LONG_DAYS && $columns !== ['starts_on'];
        $dimensions = $isLong ? array_values(array_unique([...$stored, ...$columns])) : $columns;
        $parts = $work->narrow(DB::table($table))
            ->whereRaw(($isLong ? '+' : '').'starts_on BETWEEN ? AND ?', [$days->period->first()->toString(), $days->period->last()->toString()])
            ->whereNotIn('starts_on', array_map(static fn (DayRange $cut): string => WeekPart::containing($cut->first())->toString(), $days->cut))
            ->select($dimensions)->addSelect(Sql::min('starts_on', 'first'))->groupBy(...$dimensions);
        foreach ($sums as $name => $sum) {
            $parts->selectRaw("sum($sum) AS $name", array_slice($bindings, 0, substr_count($sum, '?')));
        }
        if (! $isLong) {
            return $parts;
        }
        $whole = DB::query()->fromSub($parts, 'parts')->select($columns)->addSelect(Sql::min('first', 'first'))->groupBy(...$columns);
        foreach (array_keys($sums) as $name) {
            $whole->addSelect(Sql::sum($name, $name));
        }

        return $whole;
    }
}
