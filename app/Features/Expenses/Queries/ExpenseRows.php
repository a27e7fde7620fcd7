<?php

declare(strict_types=1);

namespace App\Features\Expenses\Queries;

use App\Expenses\Currencies;
use App\Features\Expenses\Props\ExpenseFindingProps;
use App\Features\Expenses\Props\ExpenseProps;
use App\Features\Expenses\Props\ExpenseReceiptProps;
use App\Features\HouseRules\Queries\FindingText;
use App\Models\Expense;
use App\Models\Person;
use App\Models\Receipt;
use App\OwnFields\OwnFieldValues;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Moss\Core\Expenses\Distance;
use Moss\Core\Expenses\ExpenseFinding;
use Moss\Core\Sheet\EntryState;

/** Expenses as pages show them. */
final class ExpenseRows
{
    /**
     * Those that a query asks for, with all that their rows need.
     *
     * @param  Builder<Expense>  $query
     * @return Collection<int, Expense>
     */
    public static function load(Builder $query): Collection
    {
        return $query->with(['category', 'currency', 'trip', 'task.project', 'receipts', 'approver:id,name', OwnFieldValues::WITH])->orderBy('date')->orderBy('id')->get();
    }

    /**
     * @param  list<ExpenseFinding>  $findings
     * @param  bool  $isCorrected  whether another takes, or took, its place
     */
    public static function props(Expense $expense, array $findings, Currencies $currencies, Person $reader, bool $isCorrected): ExpenseProps
    {
        $currency = $currencies->ofId($expense->currency_id);
        $gross = $currency->minor($expense->gross_minor);
        $tax = $currency->minor($expense->tax_minor);

        return new ExpenseProps(
            $expense->id, $expense->version, $expense->date->toString(), $expense->task_id, $expense->task->name, $expense->task->project->code, $expense->task->project->name,
            $expense->category->code, $expense->category->name, $gross->toString(), $tax->toString(), $gross->minus($tax)->toString(), $currency->code, $expense->exchange_rate,
            $expense->gross_cents->toString(), $expense->cost_cents->toString(), $expense->own_money, $expense->charged,
            $expense->distance_tenths === null ? '' : Distance::tenths($expense->distance_tenths)->toString(), $expense->mileage_rate ?? '', $expense->from_place, $expense->to_place,
            $expense->trip->name ?? '', $expense->note, $expense->client_note, $expense->explanation, $expense->state,
            $expense->state === EntryState::Submitted ? $expense->approver?->name : null, $expense->return_comment ?? '', $expense->corrects_id, $expense->reverses,
            $expense->state->isActual() && ! $expense->reverses && ! $isCorrected, OwnFieldValues::told($expense),
            array_values($expense->receipts->map(static fn (Receipt $receipt): ExpenseReceiptProps => new ExpenseReceiptProps($receipt->id, $receipt->name, $receipt->isPicture()))->all()),
            array_map(static fn (ExpenseFinding $one): ExpenseFindingProps => new ExpenseFindingProps($one->severity, ExpenseFindings::what($one, $reader, $currencies), FindingText::cure($one->rule->value)), $findings),
        );
    }
}
