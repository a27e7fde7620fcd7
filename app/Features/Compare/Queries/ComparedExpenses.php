<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Compare\Props\ComparedExpenseProps;
use App\Features\Expenses\Props\ExpenseReceiptProps;
use App\Models\Expense;
use App\Models\OwnField as OwnFieldModel;
use App\Models\Person;
use App\Models\Project;
use App\Models\Receipt;
use App\Models\Task;
use App\Support\Database\Sql;
use Illuminate\Database\Eloquent\Builder;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\OwnFields\OwnField;

/** The expenses behind a figure in money, the latest first, down to their receipts. */
final class ComparedExpenses
{
    private const AT_ONCE = 100;

    /**
     * @param  list<string>  $tasks  codes as `PROJECT/TASK`
     * @param  list<string>  $people  codes
     * @param  OwnField|null  $field  of expenses, which is asked for
     * @param  list<string>  $values  what it may hold, `-` for nothing; none for anything
     * @return array{list<ComparedExpenseProps>, int} those on projects whose cost the reader may see, and how many there are in all
     */
    public static function of(Person $reader, Measure $measure, array $tasks, array $people, DayRange $days, bool $withPending, ?OwnField $field, array $values): array
    {
        $on = Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')->whereIn(Sql::joined(['projects.code', 'tasks.code'], '/'), $tasks)->select('tasks.id');
        $expenses = Expense::query()->counting($withPending)->during($days)->whereIn('task_id', $on)->whereIn('person_id', Person::query()->whereIn('code', $people)->select('id'))
            ->when($field !== null && $values !== [], static fn (Builder $held) => $held->where(static fn (Builder $any) => self::holding($any, $field->code ?? '', $values)))
            ->when($measure === Measure::BillValue, static fn (Builder $charged) => $charged->where('charged', true))
            ->when(! $reader->isOffice(), static fn (Builder $seen) => $seen->whereIn('task_id', Task::query()->select('id')->whereIn('project_id', Project::query()->select('id')->where('manager_id', $reader->seesCostOfProjectsOf($reader->id) ? $reader->id : 0))));
        $count = $expenses->count();
        $latest = $expenses->with('person:id,name', 'task.project', 'category:id,name', 'receipts')->orderByDesc('date')->orderByDesc('id')->limit(self::AT_ONCE)->get();

        return [array_values($latest->map(static fn (Expense $expense): ComparedExpenseProps => new ComparedExpenseProps(
            $expense->date->toString(), $expense->person->name, $expense->task->project->name, $expense->task->name, $expense->category->name, $expense->state, $expense->cost_cents->cents(),
            array_values($expense->receipts->map(static fn (Receipt $receipt): ExpenseReceiptProps => new ExpenseReceiptProps($receipt->id, $receipt->name, $receipt->isPicture()))->all()),
        ))->all()), $count];
    }

    /**
     * @param  Builder<Expense>  $expenses
     * @param  list<string>  $values
     * @return Builder<Expense>
     */
    private static function holding(Builder $expenses, string $field, array $values): Builder
    {
        $held = static fn (Builder $own) => $own->whereIn('own_field_id', OwnFieldModel::query()->where('code', $field)->select('id'));

        return $expenses->whereHas('ownFieldValues', static fn (Builder $own) => $held($own)->whereIn('value', $values))
            ->when(in_array(Grouping::NONE, $values, true), static fn (Builder $none) => $none->orWhereDoesntHave('ownFieldValues', $held));
    }
}
