<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Files;

use App\Expenses\Currencies;
use App\Models\ExpenseStatement;
use App\Models\ExpenseStatementKind;
use App\Models\ExpenseStatementLine;
use App\Support\Database\Rows;
use App\Support\Files\CsvFile;
use App\Support\Files\MadeBy;
use App\Support\Files\PdfFile;
use App\Support\Files\SpreadsheetText;
use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use DateTimeImmutable;
use Illuminate\Contracts\View\Factory;
use Illuminate\Database\Query\Builder;
use Moss\Core\Expenses\Currency;
use Moss\Core\Money\Money;

/** A statement as CSV, line by line, or as PDF with its sums; behind that of a client lie the receipts. */
final readonly class StatementDocument
{
    /** Lines that are laid out in a few seconds. */
    private const MOST_ROWS = 400;

    private const COLUMNS = ['expense', 'person', 'person_name', 'date', 'project', 'task', 'category', 'trip', 'currency', 'amount', 'tax', 'exchange_rate', 'own_amount', 'note'];

    public function __construct(private Factory $views, private ReceiptPages $receipts)
    {
    }

    /** @return iterable<string> piece by piece */
    public function csv(ExpenseStatement $statement): iterable
    {
        $currencies = Currencies::load();
        yield CsvFile::write([self::COLUMNS]);
        foreach (Rows::each(StatementRow::class, self::lines($statement)) as $row) {
            $currency = $currencies->ofId($row->currencyId);
            $texts = [$row->expense, $row->person, $row->personName, $row->date->toString(), $row->projectName, $row->taskName, $row->category, $row->trip ?? '', $currency->code];
            yield CsvFile::write([[
                ...array_map(SpreadsheetText::guarded(...), $texts), $currency->minor($row->grossMinor)->toString(), $currency->minor($row->taxMinor)->toString(), $row->exchangeRate,
                Money::ofCents($row->amountCents)->toString(), SpreadsheetText::guarded($row->clientNote),
            ]]);
        }
    }

    public function pdf(ExpenseStatement $statement): string
    {
        $currencies = Currencies::load();
        $rows = [];
        $sums = [];
        $expenses = [];
        foreach (Rows::each(StatementRow::class, self::lines($statement)) as $row) {
            $currency = $currencies->ofId($row->currencyId);
            $of = $statement->kind === ExpenseStatementKind::Reimbursement ? $row->personName : $row->projectName;
            $sum = $sums["$of $currency->code"] ?? [$of, $currency, 0, 0];
            $sums["$of $currency->code"] = [$of, $currency, $sum[2] + $row->grossMinor, $sum[3] + $row->amountCents];
            $expenses[$row->expenseId] = count($expenses) + 1;
            if (count($rows) < self::MOST_ROWS) {
                $rows[] = [
                    (string) $expenses[$row->expenseId], LocalFormat::wholeDay($row->date), $row->personName, $row->projectName.' · '.$row->taskName, $row->category.($row->trip === null ? '' : ', '.$row->trip),
                    self::money($currency, $row->grossMinor), $row->currencyId === null ? '' : LocalFormat::decimal($row->exchangeRate), LocalFormat::decimal(Money::ofCents($row->amountCents)->toString()),
                ];
            }
        }
        ksort($sums, SORT_STRING);
        $html = $this->views->make('expense-statement', [
            'title' => self::title($statement), 'currency' => $currencies->own->code, 'sum' => LocalFormat::decimal($statement->amount_cents->toString()), 'made' => MadeBy::of($statement->madeBy, new DateTimeImmutable($statement->made_at)), 'headings' => self::headings($currencies->own->code), 'rows' => $rows, 'all' => count($expenses),
            'sums' => array_map(static fn (array $sum): array => [$sum[0], self::money($sum[1], $sum[2]), LocalFormat::decimal(Money::ofCents($sum[3])->toString())], array_values($sums)),
        ])->render();
        $pdf = PdfFile::of($html, true);

        return $statement->kind === ExpenseStatementKind::Client ? $this->receipts->behind($pdf, $expenses) : $pdf;
    }

    private static function money(Currency $currency, int $minor): string
    {
        return $currency->code.' '.LocalFormat::decimal($currency->minor($minor)->toString());
    }

    /** @return list<string> of the rows in PDF */
    private static function headings(string $currency): array
    {
        return array_map(
            static fn (string $column): string => Wording::of('expense_statements.heading.'.$column, ['currency' => $currency]),
            ['number', 'day', 'person', 'task', 'category', 'amount', 'rate', 'own'],
        );
    }

    private static function title(ExpenseStatement $statement): string
    {
        return Wording::of('expense_statements.title_'.$statement->kind->value, ['client' => $statement->client->name ?? '', 'from' => LocalFormat::wholeDay($statement->starts_on), 'until' => LocalFormat::wholeDay($statement->ends_on)]);
    }

    private static function lines(ExpenseStatement $statement): Builder
    {
        return ExpenseStatementLine::query()->toBase()->where('expense_statement_id', $statement->id)->join('expenses', 'expenses.id', 'expense_statement_lines.expense_id')
            ->join('people', 'people.id', 'expenses.person_id')->join('tasks', 'tasks.id', 'expenses.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->join('expense_categories', 'expense_categories.id', 'expenses.expense_category_id')->leftJoin('trips', 'trips.id', 'expenses.trip_id')
            ->select('expenses.id AS expense_id', 'expenses.code AS expense', 'people.code AS person', 'people.name AS person_name', 'expenses.date', 'projects.name AS project_name', 'tasks.name AS task_name')
            ->addSelect('expense_categories.name AS category', 'trips.name AS trip', 'expenses.currency_id', 'expenses.gross_minor', 'expenses.tax_minor', 'expenses.exchange_rate', 'expense_statement_lines.amount_cents', 'expenses.client_note')
            ->orderBy('people.name')->orderBy('expenses.date')->orderBy('expenses.id');
    }
}
