<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Expenses\Props\ExpenseReceiptProps;
use App\Features\Projects\Props\FigureKind;
use App\Features\Projects\Props\TraceExpenseProps;
use App\Models\Expense;
use App\Models\Receipt;
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

        $expenses = Expense::query()->counting()->whereIn('task_id', $tasks)->whereIn('state', $states);
        $count = $expenses->count();

        return [array_values($expenses->with('person:id,name', 'task:id,name', 'category:id,name', 'receipts')
            ->orderByDesc('date')->orderByDesc('id')->limit(self::MOST)->get()->map(static fn (Expense $expense): TraceExpenseProps => new TraceExpenseProps(
                $expense->date->toString(), $expense->person->name, $expense->task->name, $expense->category->name, $expense->cost_cents->toString(), $expense->state,
                array_values($expense->receipts->map(static fn (Receipt $receipt): ExpenseReceiptProps => new ExpenseReceiptProps($receipt->id, $receipt->name, $receipt->isPicture()))->all()),
            ))->all()), $count];
    }
}
