<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Expenses\Props\ExpenseReceiptProps;
use App\Features\Projects\Props\FigureKind;
use App\Features\Projects\Props\TraceExpenseProps;
use App\Models\Expense;
use App\Models\Receipt;
use App\Support\Database\Record;
use Illuminate\Database\Eloquent\Collection;
use Moss\Core\Money\Money;
use Moss\Core\Sheet\EntryState;

/** The expenses that a figure in money is made of, down to their receipts. */
final class TraceExpenses
{
    private const MOST = 100;

    /**
     * @param  list<int>  $tasks
     * @return array{list<TraceExpenseProps>, int} the newest, and how many there are in all
     */
    public static function of(FigureKind $figure, array $tasks): array
    {
        $states = array_filter(EntryState::cases(), static fn (EntryState $state): bool => match ($figure) {
            FigureKind::Actual => $state->isActual(),
            FigureKind::Pending => ! $state->isActual(),
            FigureKind::Planned, FigureKind::Remaining => false,
            default => true,
        });
        if ($states === []) {
            return [[], 0];
        }
        $expenses = Expense::query()->counting()->whereIn('expenses.task_id', $tasks)->whereIn('expenses.state', $states);
        $rows = Record::all((clone $expenses)->toBase()
            ->join('people', 'people.id', 'expenses.person_id')->join('tasks', 'tasks.id', 'expenses.task_id')->join('expense_categories', 'expense_categories.id', 'expenses.expense_category_id')
            ->select('expenses.id', 'expenses.date', 'people.name AS person', 'tasks.name AS task', 'expense_categories.name AS category', 'expenses.cost_cents', 'expenses.state')
            ->orderByDesc('expenses.date')->orderByDesc('expenses.id')->limit(self::MOST));
        $receipts = Receipt::query()->whereIntegerInRaw('expense_id', array_map(static fn (Record $row): int => $row->int('id'), $rows))->get()->groupBy('expense_id');

        return [
            array_map(static fn (Record $row): TraceExpenseProps => new TraceExpenseProps(
                $row->string('date'), $row->string('person'), $row->string('task'), $row->string('category'), Money::ofCents($row->int('cost_cents'))->toString(),
                EntryState::from($row->string('state')), self::receipts($receipts->get($row->int('id'))),
            ), $rows),
            count($rows) < self::MOST ? count($rows) : $expenses->count(),
        ];
    }

    /**
     * @param  Collection<int, Receipt>|null  $receipts
     * @return list<ExpenseReceiptProps>
     */
    private static function receipts(?Collection $receipts): array
    {
        return array_values($receipts?->map(static fn (Receipt $receipt): ExpenseReceiptProps => new ExpenseReceiptProps($receipt->id, $receipt->name, $receipt->isPicture()))->all() ?? []);
    }
}
