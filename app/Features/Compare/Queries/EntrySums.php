<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\CostedMinutes;
use App\Models\Entry;
use App\Models\OwnField;
use App\Models\OwnFieldValue;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;
use Moss\Core\OwnFields\FieldSubject;

/** Entries of single days, summed up as far as nothing tells them apart. */
final class EntrySums
{
    /**
     * @param  non-empty-list<DayRange>  $ranges
     * @param  bool  $isPriced  whether entries come one by one, with whose they are, since each is priced by itself
     */
    public static function of(Dimensions $asked, array $ranges, bool $isPriced): Builder
    {
        // Weeks are told apart by their days here.
        $columns = array_map(static fn (string $column): string => $column === 'starts_on' ? 'date' : $column, $asked->columns());
        $further = [...$asked->chargeCodes ? ['entries.charge_code'] : [], ...$asked->field?->subject === FieldSubject::Entry ? ['held.field'] : []];
        $entries = WeekSums::ofProjects(Entry::query()->toBase()
            ->when($asked->field?->subject === FieldSubject::Entry, static fn (Builder $with): Builder => $with->leftJoinSub(self::held($asked->field->code ?? ''), 'held', 'held.of_entry', 'entries.id'))
            ->where(static function (Builder $any) use ($ranges): void {
                foreach ($ranges as $range) {
                    $any->orWhereBetween('date', [$range->first()->toString(), $range->last()->toString()]);
                }
            }), [...$columns, ...$asked->billable ? ['billable'] : []], 'entries.task_id');
        if ($asked->billable) {
            $entries->addSelect($asked->tasks ? 'entries.billable' : ToldBillable::column('entries.billable', 'billable'));
        }
        if (! $isPriced) {
            $sums = WeekSums::grouped($entries, [...$columns, 'state', ...$further], 'date')->addSelect(Sql::min('date', 'first'), Sql::sum('minutes', 'minutes'));

            return $asked->billable ? $sums->groupBy($asked->tasks ? 'entries.billable' : ToldBillable::column('entries.billable')) : $sums;
        }

        return $entries->joinSub(self::named('people', 'person'), 'priced_people', 'priced_people.person_number', 'entries.person_id')
            ->leftJoinSub(self::named('roles', 'role'), 'priced_roles', 'priced_roles.role_number', 'entries.role_id')
            ->addSelect([...array_diff($columns, ['month']), 'state', ...$further, 'date AS first', 'minutes', 'priced_people.person', 'priced_roles.role'])->selectSub(CostedMinutes::beside(), 'costed');
    }

    /** What an own field holds of entries, under names that no column of entries has. */
    private static function held(string $field): Builder
    {
        return OwnFieldValue::query()->toBase()->whereIn('own_field_id', OwnField::query()->where('code', $field)->select('id'))->whereNotNull('entry_id')->select('entry_id AS of_entry', 'value AS field');
    }

    /**
     * Numbers and codes under names that no column of entries has.
     *
     * @param  literal-string  $table
     */
    private static function named(string $table, string $name): Builder
    {
        return DB::table($table)->select('id AS '.$name.'_number', 'code AS '.$name);
    }
}
