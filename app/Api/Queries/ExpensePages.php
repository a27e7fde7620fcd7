<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Input\ExpensesRequest;
use App\Api\Resources\Expense as ExpenseResource;
use App\Api\Resources\ExpenseList;
use App\Expenses\Currencies;
use App\Models\Expense;
use App\Models\Person;
use App\OwnFields\OwnFieldValues;
use ArrayObject;
use Illuminate\Database\Query\Builder;
use Moss\Core\Expenses\Distance;

/** Expenses of a person, a part at a time, in the order of days. */
final class ExpensePages
{
    public static function of(Person $person, ExpensesRequest $request): ExpenseList
    {
        [$from, $to] = [$request->from(), $request->to()];
        [$ids, $next] = Pages::of(Expense::query()->toBase()->where('person_id', $person->id)
            ->when($from !== null, static fn (Builder $days): Builder => $days->where('date', '>=', (string) $from?->toString()))
            ->when($to !== null, static fn (Builder $days): Builder => $days->where('date', '<=', (string) $to?->toString())), 'date', $request);
        $found = Expense::query()->with(['task:id,code,project_id', 'task.project:id,code', 'category:id,code', 'trip:id,name', 'corrected:id,code', OwnFieldValues::WITH])->withCount('receipts')->whereKey($ids)->get()->keyBy('id');
        $currencies = Currencies::load();

        return new ExpenseList(array_values(array_map(static fn (Expense $one): ExpenseResource => self::resource($one, $currencies), array_filter(array_map($found->get(...), $ids)))), $next);
    }

    private static function resource(Expense $one, Currencies $currencies): ExpenseResource
    {
        $currency = $currencies->ofId($one->currency_id);

        return new ExpenseResource(
            $one->code, $one->task->project->code, $one->task->code, $one->date->toString(), $one->category->code, $one->trip?->name, $currency->code, $currency->minor($one->gross_minor)->toString(),
            $currency->minor($one->tax_minor)->toString(), $one->exchange_rate, $one->gross_cents->toString(), $one->cost_cents->toString(), $one->own_money, $one->charged,
            $one->distance_tenths === null ? null : Distance::tenths($one->distance_tenths)->toString(), $one->note, $one->client_note, $one->state, $one->corrected?->code, $one->reverses,
            $one->receipts_count ?? 0, new ArrayObject(OwnFieldValues::told($one)), $one->version,
        );
    }
}
