<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\RecordedTime;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What was recorded in a period: sums of whole week parts, and of the entries of days that the period cuts off. In two queries. */
final class RecordedAmounts
{
    /** @var array<string, Day> */
    private array $days = [];

    /** @return iterable<ComparedAmount> */
    public function of(Dimensions $asked, WorkItems $items, ComparedDays $compared, bool $withPending): iterable
    {
        foreach ($compared->whole() === [] ? [] : self::weeks($asked, $compared->whole())->cursor() as $row) {
            /** @var object{task_id?: int, person_id?: int, role_id?: int, starts_on?: string, first: string, actual: int, pending: int} $row */
            yield $this->amount($row, $row->actual, $row->pending, $items, $withPending);
        }
        $isActual = [];
        foreach ($compared->cut === [] ? [] : self::entries($asked, $compared->cut)->cursor() as $row) {
            /** @var object{task_id?: int, person_id?: int, role_id?: int, starts_on?: string, first: string, minutes: int, state: string} $row */
            $actual = $isActual[$row->state] ??= EntryState::from($row->state)->isActual();
            yield $this->amount($row, $actual ? $row->minutes : 0, $actual ? 0 : $row->minutes, $items, $withPending);
        }
    }

    /** @param  object{task_id?: int, person_id?: int, role_id?: int|null, starts_on?: string, first: string}  $row */
    private function amount(object $row, int $actual, int $pending, WorkItems $items, bool $withPending): ComparedAmount
    {
        $day = $row->starts_on ?? $row->first;

        return RecordedTime::amount(
            $items->of($row->task_id ?? 0, $row->person_id ?? 0, 0, $row->role_id ?? 0),
            $this->days[$day] ??= Day::of($day),
            Minutes::of($actual),
            Minutes::of($pending),
            $withPending,
        );
    }

    /** @param  non-empty-list<DayRange>  $ranges */
    private static function weeks(Dimensions $asked, array $ranges): Builder
    {
        return self::within(DB::table('recorded_weeks'), 'starts_on', $ranges)
            ->select($asked->columns())->selectRaw('min(starts_on) AS first, sum(actual_minutes) AS actual, sum(pending_minutes) AS pending')
            ->groupBy(...self::grouped($asked->columns()));
    }

    /** @param  non-empty-list<DayRange>  $ranges */
    private static function entries(Dimensions $asked, array $ranges): Builder
    {
        $columns = array_map(static fn (string $column): string => $column === 'starts_on' ? 'date AS starts_on' : $column, $asked->columns());

        return self::within(DB::table('entries'), 'date', $ranges)
            ->select($columns)->selectRaw('min(date) AS first, sum(minutes) AS minutes')->addSelect('state')
            ->groupBy('state', ...$asked->columns());
    }

    /**
     * @param  literal-string  $column
     * @param  non-empty-list<DayRange>  $ranges
     */
    private static function within(Builder $query, string $column, array $ranges): Builder
    {
        return $query->where(static function (Builder $any) use ($column, $ranges): void {
            foreach ($ranges as $range) {
                $any->orWhereBetween($column, [$range->first()->toString(), $range->last()->toString()]);
            }
        });
    }

    /**
     * Without anything to tell sums apart by there is one sum, and none where there is nothing.
     *
     * @param  list<string>  $columns
     * @return non-empty-list<string>
     */
    private static function grouped(array $columns): array
    {
        return $columns === [] ? ['starts_on'] : $columns;
    }
}
