<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\Totals\RecordedTotals;
use App\Models\AssigneeFigures;
use App\Models\Entry;
use App\Models\RecordedWeek;
use App\Models\TaskFigures;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedCompletion;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Time\Minutes;

/** What remains of the work that is compared and, where its forecast is asked for, what has been entered on it by now on any day; in two queries. */
final readonly class CompletionAmounts
{
    /** @return iterable<ComparedAmount> */
    public function of(ComparisonTerms $terms, Dimensions $asked, WorkItems $items, ComparableWork $work): iterable
    {
        $remaining = self::grouped(AssigneeFigures::query()->toBase(), 'assignee_figures.task_id', [...$asked->columnsOfWork(), ...$asked->people ? ['team_id'] : []], $work)
            ->addSelect(Sql::sum('remaining_minutes', 'minutes'));
        foreach (StreamedRows::named($remaining) as $row) {
            /** @var object{task_id?: int, project_id?: int, person_id?: int, team_id?: int, role_id?: int, minutes: int} $row */
            yield self::amount($row, $items, RecordedTotals::BILLABLE_AS_TASK, null, new ComparedCompletion(Minutes::zero(), Minutes::of($row->minutes)));
        }
        foreach ($terms->asksForecast() ? StreamedRows::named(self::entered($asked, $work)) : [] as $row) {
            /** @var object{task_id?: int, project_id?: int, person_id?: int, role_id?: int, billable?: int|null, charge_code?: string|null, minutes: int} $row */
            yield self::amount($row, $items, $row->billable ?? RecordedTotals::BILLABLE_AS_TASK, $row->charge_code ?? null, new ComparedCompletion(Minutes::of($row->minutes), Minutes::zero()));
        }
    }

    /** By task alone it is stored; by anything else it is summed up of what is stored of months or, where tasks are told apart, weeks. */
    private static function entered(Dimensions $asked, ComparableWork $work): Builder
    {
        $columns = [...$asked->columnsOfWork(), ...$asked->billable ? ['billable'] : []];
        if ($asked->chargeCodes) {
            // Only entries tell their own charge codes.
            return self::grouped(Entry::query()->toBase(), 'entries.task_id', [...$columns, 'charge_code'], $work)->addSelect(Sql::sum('minutes', 'minutes'));
        }
        $isByTask = $work->isEverybodys() && array_intersect($columns, ['person_id', 'role_id', 'billable']) === [];

        $entered = match (true) {
            $isByTask => self::grouped(TaskFigures::query()->toBase(), 'task_figures.task_id', array_map(static fn (string $column): string => $column === 'project_id' ? 'task_figures.project_id' : $column, $columns), $work),
            $asked->canBeMonths($work) && $columns !== [] => MonthSums::grouped('recorded', $columns, $work),
            default => self::grouped(RecordedWeek::query()->toBase(), 'recorded_weeks.task_id', $columns, $work),
        };

        return $entered->addSelect(Sql::total(['actual_minutes', 'pending_minutes'], 'minutes'));
    }

    /**
     * @param  literal-string  $task
     * @param  list<string>  $columns
     */
    private static function grouped(Builder $rows, string $task, array $columns, ComparableWork $work): Builder
    {
        return ToldBillable::grouped(WeekSums::ofProjects($work->narrow($rows), $columns, $task), $columns, 'recorded_weeks.billable');
    }

    /** @param  object{task_id?: int, project_id?: int, person_id?: int, team_id?: int, role_id?: int}  $row */
    private static function amount(object $row, WorkItems $items, int $billable, ?string $chargeCode, ComparedCompletion $completion): ComparedAmount
    {
        return new ComparedAmount($items->of($row->task_id ?? $row->project_id ?? 0, $row->person_id ?? 0, $row->team_id ?? 0, $row->role_id ?? 0, $billable, $chargeCode), null, ComparisonRow::completion($completion));
    }
}
