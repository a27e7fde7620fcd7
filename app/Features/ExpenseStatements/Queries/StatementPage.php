<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Queries;

use App\Expenses\Currencies;
use App\Features\ExpenseStatements\Props\OutstandingProps;
use App\Features\ExpenseStatements\Props\StatementProps;
use App\Features\ExpenseStatements\Props\StatementsProps;
use App\Http\Input\Address;
use App\Lookup\Props\OptionProps;
use App\Models\Client;
use App\Models\ExpenseStatement;
use App\Models\ExpenseStatementKind;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;

/** What is outstanding, by person or project and currency, and the statements that were made; in a fixed number of queries. */
final class StatementPage
{
    private const AT_ONCE = 20;

    private const MOST_OUTSTANDING = 200;

    public static function of(Address $address, Day $today): StatementsProps
    {
        $kind = ExpenseStatementKind::tryFrom($address->text('kind')) ?? ExpenseStatementKind::Reimbursement;
        $client = $kind === ExpenseStatementKind::Client ? Client::query()->where('code', $address->text('client'))->first() : null;
        $until = $address->day('until') ?? $today;
        $currencies = Currencies::load();
        $outstanding = $kind === ExpenseStatementKind::Client && $client === null ? null : self::outstanding($kind, $client?->id, $until);
        $rows = $outstanding === null ? [] : self::first($kind, clone $outstanding);
        $whole = $outstanding === null ? null : self::whole($outstanding);
        $statements = ExpenseStatement::query()->where('kind', $kind);
        $pages = max(1, (int) ceil((clone $statements)->count() / self::AT_ONCE));
        $page = min($address->page(), $pages);

        return new StatementsProps(
            $kind, $client === null ? null : new OptionProps($client->code, $client->name), $until->toString(),
            array_map(static fn (Record $row): OutstandingProps => self::row($row, $currencies), $rows), max(0, ($whole?->int('rows') ?? 0) - count($rows)),
            $whole?->int('expenses') ?? 0, Money::ofCents($whole?->int('cents') ?? 0)->toString(), $currencies->own->code,
            array_values($statements->with(['client', 'madeBy'])->orderByDesc('id')->forPage($page, self::AT_ONCE)->get()->map(static fn (ExpenseStatement $one): StatementProps => new StatementProps(
                $one->id, $one->client?->name, $one->starts_on->toString(), $one->ends_on->toString(), $one->madeBy->name, $one->made_at, $one->expenses, $one->amount_cents->toString(),
            ))->all()),
            $page, $pages,
        );
    }

    /** A row for each person or project and currency. */
    private static function outstanding(ExpenseStatementKind $kind, ?int $client, Day $until): Builder
    {
        return OutstandingExpenses::of($kind, $client, $until)
            ->select('expenses.currency_id', Sql::count('expenses'), Sql::total('expenses.gross_minor', 'minor'), Sql::total(OutstandingExpenses::amount($kind), 'cents'))
            ->groupBy($kind === ExpenseStatementKind::Client ? 'tasks.project_id' : 'expenses.person_id', 'expenses.currency_id');
    }

    /** @return list<Record> the first of them by name, then by currency */
    private static function first(ExpenseStatementKind $kind, Builder $outstanding): array
    {
        $named = $kind === ExpenseStatementKind::Client ? $outstanding : $outstanding->join('people', 'people.id', 'expenses.person_id');
        $name = $kind === ExpenseStatementKind::Client ? 'projects.name' : 'people.name';

        return Record::all($named->addSelect($name)->orderBy($name)->orderBy('expenses.currency_id')->limit(self::MOST_OUTSTANDING));
    }

    /** How many rows there are, and what they come to. */
    private static function whole(Builder $outstanding): Record
    {
        return Record::all(DB::query()->fromSub($outstanding, 'outstanding')->select(Sql::count('rows'), Sql::total('expenses', 'expenses'), Sql::total('cents', 'cents')))[0];
    }

    private static function row(Record $row, Currencies $currencies): OutstandingProps
    {
        $currency = $currencies->ofId($row->intOrNull('currency_id'));

        return new OutstandingProps($row->string('name'), $currency->code, $currency->minor($row->int('minor'))->toString(), Money::ofCents($row->int('cents'))->toString(), $row->int('expenses'));
    }
}
