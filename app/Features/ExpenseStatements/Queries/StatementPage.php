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
        $rows = $kind === ExpenseStatementKind::Client && $client === null ? [] : self::outstanding($kind, $client?->id, $until);
        $whole = $rows[0] ?? null;
        $statements = ExpenseStatement::query()->where('kind', $kind);
        $pages = max(1, (int) ceil((clone $statements)->count() / self::AT_ONCE));
        $page = min($address->page(), $pages);

        return new StatementsProps(
            $kind, $client === null ? null : new OptionProps($client->code, $client->name), $until->toString(),
            array_map(static fn (Record $row): OutstandingProps => self::row($row, $currencies), $rows), max(0, ($whole?->int('rows') ?? 0) - count($rows)),
            $whole?->int('all_expenses') ?? 0, Money::ofCents($whole?->int('all_cents') ?? 0)->toString(), OutstandingExpenses::seen($whole?->int('all_expenses') ?? 0, $whole?->int('all_cents') ?? 0), $currencies->own->code,
            array_values($statements->with(['client', 'madeBy'])->orderByDesc('id')->forPage($page, self::AT_ONCE)->get()->map(static fn (ExpenseStatement $one): StatementProps => new StatementProps(
                $one->id, $one->client?->name, $one->starts_on->toString(), $one->ends_on->toString(), $one->madeBy->name, $one->made_at, $one->expenses, $one->amount_cents->toString(),
            ))->all()),
            $page, $pages,
        );
    }

    /** @return list<Record> a row for each person or project and currency: the first by name, then by currency, each with what all of them come to */
    private static function outstanding(ExpenseStatementKind $kind, ?int $client, Day $until): array
    {
        [$whose, $table] = $kind === ExpenseStatementKind::Client ? ['tasks.project_id', 'projects'] : ['expenses.person_id', 'people'];
        $outstanding = OutstandingExpenses::of($kind, $client, $until)
            ->select($whose.' AS whose', 'expenses.currency_id', Sql::count('expenses'), Sql::total('expenses.gross_minor', 'minor'), Sql::total(OutstandingExpenses::amount($kind), 'cents'))
            ->groupBy($whose, 'expenses.currency_id');

        return Record::all(DB::query()->fromSub($outstanding, 'outstanding')->join($table, $table.'.id', 'outstanding.whose')
            ->select('outstanding.*', $table.'.name', Sql::countOfAll('rows'), Sql::sumOfAll('expenses', 'all_expenses'), Sql::sumOfAll('cents', 'all_cents'))
            ->orderBy($table.'.name')->orderBy('outstanding.currency_id')->limit(self::MOST_OUTSTANDING));
    }

    private static function row(Record $row, Currencies $currencies): OutstandingProps
    {
        $currency = $currencies->ofId($row->intOrNull('currency_id'));

        return new OutstandingProps($row->string('name'), $currency->code, $currency->minor($row->int('minor'))->toString(), Money::ofCents($row->int('cents'))->toString(), $row->int('expenses'));
    }
}
