<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Entry;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
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
    public function of(Dimensions $asked, WorkItems $items, ComparedDays $compared, bool $withPending, ComparableWork $work): iterable
    {
        $weeks = WeekSums::of('recorded_weeks', ['task_id', 'person_id', 'role_id'], $asked->columns(), ['actual' => 'actual_minutes', 'pending' => 'pending_minutes'], $compared, $work);
        foreach ($weeks->cursor() as $row) {
            /** @var object{task_id?: int, project_id?: int, person_id?: int, role_id?: int, first: string, actual: int, pending: int} $row */
            yield $this->amount($row, $row->actual, $row->pending, $items, $withPending);
        }
        $isActual = [];
        foreach ($compared->cut === [] ? [] : $work->narrow(self::entries($asked, $compared->cut))->cursor() as $row) {
            /** @var object{task_id?: int, project_id?: int, person_id?: int, role_id?: int, first: string, minutes: int, state: string} $row */
            $actual = $isActual[$row->state] ??= EntryState::from($row->state)->isActual();
            yield $this->amount($row, $actual ? $row->minutes : 0, $actual ? 0 : $row->minutes, $items, $withPending);
        }
    }

    /** @param  object{task_id?: int, project_id?: int, person_id?: int, role_id?: int|null, first: string}  $row */
    private function amount(object $row, int $actual, int $pending, WorkItems $items, bool $withPending): ComparedAmount
    {
        return RecordedTime::amount(
            $items->of($row->task_id ?? $row->project_id ?? 0, $row->person_id ?? 0, 0, $row->role_id ?? 0),
            $this->days[$row->first] ??= Day::of($row->first),
            Minutes::of($actual),
            Minutes::of($pending),
            $withPending,
        );
    }

    /** @param  non-empty-list<DayRange>  $ranges */
    private static function entries(Dimensions $asked, array $ranges): Builder
    {
        // Weeks are told apart by their days here.
        $columns = array_map(static fn (string $column): string => $column === 'starts_on' ? 'date' : $column, $asked->columns());
        $entries = WeekSums::ofProjects(Entry::query()->toBase()
            ->where(static function (Builder $any) use ($ranges): void {
                foreach ($ranges as $range) {
                    $any->orWhereBetween('date', [$range->first()->toString(), $range->last()->toString()]);
                }
            }), $columns, 'entries.task_id');

        return WeekSums::grouped($entries, [...$columns, 'state'], 'date')->addSelect(Sql::min('date', 'first'), Sql::sum('minutes', 'minutes'));
    }
}
