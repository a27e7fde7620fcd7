<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\Totals\RecordedTotals;
use App\Models\Expense;
use App\Models\OwnField;
use App\Models\OwnFieldValue;
use App\Models\Task;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedMoney;
use Moss\Core\Compare\RecordedTime;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * What was spent in a period, summed up as far as it is told apart, in one query: it costs what projects bear, and brings in
 * what is charged. Pending corrections count once they are approved, as what they correct counts until then.
 */
final class SpentAmounts
{
    /** @return iterable<ComparedAmount> */
    public function of(ComparisonTerms $terms, Dimensions $asked, WorkItems $items, DayRange $period, ComparableWork $work): iterable
    {
        $days = [];
        foreach (StreamedRows::named(self::sums($terms, $asked, $period, $work)) as $sum) {
            /** @var object{date: string, charged: int, cents: int, task_id: int|null, project_id: int|null, person_id: int|null, field: string|null} $sum */
            $item = $items->of($sum->task_id ?? $sum->project_id ?? 0, $sum->person_id ?? 0, 0, 0, $asked->billable ? $sum->charged : RecordedTotals::BILLABLE_AS_TASK, field: $sum->field);
            $money = $work->hasMoneyOf($item->manager) ? ComparedMoney::spent(Money::ofCents($sum->cents), $sum->charged === 1) : ComparedMoney::hidden(Minutes::zero());
            yield RecordedTime::amount($item, $days[$sum->date] ??= Day::of($sum->date), 0, 0, $terms->withPending, $asked->billable, $money);
        }
    }

    private static function sums(ComparisonTerms $terms, Dimensions $asked, DayRange $period, ComparableWork $work): Builder
    {
        $columns = ['task_id' => $asked->tasks, 'project_id' => $asked->projects, 'person_id' => $asked->people];
        $rows = $work->narrow(Expense::query()->counting($terms->withPending)->toBase()->whereBetween('expenses.date', [$period->first()->toString(), $period->last()->toString()]))
            // Under names that no column of expenses has.
            ->joinSub(Task::query()->toBase()->select('id AS number', 'project_id'), 'spent_on', 'spent_on.number', 'expenses.task_id');
        $field = $terms->asksFieldOfExpenses() ? $terms->field : null;
        $held = OwnFieldValue::query()->toBase()->whereIn('own_field_id', OwnField::query()->where('code', $field->code ?? '')->select('id'))->whereNotNull('expense_id')->select('expense_id AS of_expense', 'value AS field');
        $rows->when($field !== null, static fn (Builder $with): Builder => $with->leftJoinSub($held, 'held', 'held.of_expense', 'expenses.id')->groupBy('held.field'));
        $isByDay = $asked->months || $asked->weeks;
        $rows->when($isByDay, static fn (Builder $apart): Builder => $apart->groupBy('expenses.date'))
            ->select($isByDay ? 'expenses.date' : Sql::min('expenses.date', 'date'), 'expenses.charged', Sql::sum('expenses.cost_cents', 'cents'), $field === null ? Sql::none('field') : 'held.field')->groupBy('expenses.charged');
        foreach ($columns as $column => $isAsked) {
            $rows->addSelect($isAsked ? ($column === 'project_id' ? 'spent_on.project_id' : 'expenses.'.$column) : Sql::none($column));
            $rows->when($isAsked, static fn (Builder $apart): Builder => $apart->groupBy($column === 'project_id' ? 'spent_on.project_id' : 'expenses.'.$column));
        }

        return $rows;
    }
}
