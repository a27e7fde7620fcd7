<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\ExchangeRateFormat;
use App\Exchange\Formats\RateFormat;
use App\Exchange\Formats\SignedMoneyFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\Expense;
use Illuminate\Database\Query\Builder;
use Moss\Core\Sheet\ClientNote;
use Moss\Core\Sheet\EntryState;

/**
 * `expenses.csv`: what was spent. Amounts are in the smallest unit of their currency; beside them stands what they come to in the
 * organisation's. Receipts are no part of it.
 */
final class ExpensesKind extends FileKind
{
    private const MOST = 99_999_999_999;

    public function name(): string
    {
        return 'expenses';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        $note = new TextFormat(ClientNote::MAX_LENGTH);

        return [
            Column::required('expense', new CodeFormat, 'code'),
            Column::reference('person', CodeTable::People, true),
            Column::required('project', new CodeFormat, ''),
            Column::required('task', new CodeFormat, ''),
            Column::required('date', DayFormat::ofWork()),
            Column::ofCode('category', CodeTable::ExpenseCategories, 'expense_category_id'),
            Column::reference('currency', CodeTable::Currencies),
            Column::required('amount', new WholeNumberFormat(-self::MOST, self::MOST), 'gross_minor'),
            Column::optional('tax', new WholeNumberFormat(-self::MOST, self::MOST), 0, 'tax_minor'),
            Column::optional('exchange_rate', new ExchangeRateFormat, '1'),
            Column::required('own_amount', new SignedMoneyFormat, 'gross_cents'),
            Column::required('cost', new SignedMoneyFormat, 'cost_cents'),
            Column::optional('charged', new YesNoFormat, 0),
            Column::optional('own_money', new YesNoFormat, 1),
            Column::optional('distance', new WholeNumberFormat(1, 99_999), null, 'distance_tenths'),
            Column::optional('mileage_rate', new RateFormat),
            Column::optional('from_place', new TextFormat(100), ''),
            Column::optional('to_place', new TextFormat(100), ''),
            Column::optional('note', $note, ''),
            Column::optional('client_note', $note, ''),
            Column::optional('explanation', $note, ''),
            Column::optional('state', new ChoiceFormat(...array_column(EntryState::cases(), 'value')), EntryState::Draft->value),
            Column::optional('corrects', new CodeFormat, null, ''),
            Column::optional('reverses', new YesNoFormat, 0),
        ];
    }

    public function key(): array
    {
        return ['expense'];
    }

    public function keyAttributes(): array
    {
        return ['code'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('expenses', $row->string('expense'));
    }

    public function check(FileRow $row, Codes $codes): array
    {
        $problems = [];
        if ($codes->idOf('tasks', $row->string('project').'/'.$row->string('task')) === null) {
            $problems[] = $row->problem('task', ExchangeText::get('expected.task_of', ['project' => $row->string('project')]));
        }
        if ($row->stringOrNull('corrects') !== null && $codes->idOf('expenses', $row->string('corrects')) === null) {
            $problems[] = $row->problem('corrects', ExchangeText::get('expected.known', ['what' => ExchangeText::get('code_of.expenses')]));
        }
        if (($row->value('distance') === null) !== ($row->value('mileage_rate') === null)) {
            $problems[] = $row->problem('mileage_rate', ExchangeText::get('expected.distance_and_rate'));
        }
        if ($row->value('reverses') === 1 && $row->stringOrNull('corrects') === null) {
            $problems[] = $row->problem('corrects', ExchangeText::get('expected.known', ['what' => ExchangeText::get('code_of.expenses')]));
        }

        return $problems;
    }

    public function further(FileRow $row, Codes $codes): array
    {
        $corrects = $row->stringOrNull('corrects');

        return [
            'id' => $codes->idOf('expenses', $row->string('expense')),
            'task_id' => $codes->idOf('tasks', $row->string('project').'/'.$row->string('task')),
            'corrects_id' => $corrects === null ? null : $codes->idOf('expenses', $corrects),
        ];
    }

    public function checkAgainst(array $drafts, array $existing): array
    {
        $problems = [];
        foreach ($drafts as $draft) {
            $known = $existing[$this->keyOf($draft->attributes)] ?? null;
            $state = $known === null ? null : EntryState::from((string) $known['state']);
            if ($state !== null && $state->isActual() && ($known['gross_minor'] !== $draft->attributes['gross_minor'] || $known['cost_cents'] !== $draft->attributes['cost_cents'])) {
                $problems[] = $draft->row->problem('amount', ExchangeText::get('expected.open_expense'));
            }
        }

        return $problems;
    }

    public function exported(): Builder
    {
        return Expense::query()->toBase()->join('people', 'people.id', 'expenses.person_id')->join('tasks', 'tasks.id', 'expenses.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->join('expense_categories', 'expense_categories.id', 'expenses.expense_category_id')->leftJoin('currencies', 'currencies.id', 'expenses.currency_id')->leftJoin('expenses AS corrected', 'corrected.id', 'expenses.corrects_id')
            ->select('expenses.code AS expense', 'people.code AS person', 'projects.code AS project', 'tasks.code AS task', 'expenses.date', 'expense_categories.code AS category', 'currencies.code AS currency')
            ->addSelect('expenses.gross_minor AS amount', 'expenses.tax_minor AS tax', 'expenses.exchange_rate', 'expenses.gross_cents AS own_amount', 'expenses.cost_cents AS cost', 'expenses.charged', 'expenses.own_money')
            ->addSelect('expenses.distance_tenths AS distance', 'expenses.mileage_rate', 'expenses.from_place', 'expenses.to_place', 'expenses.note', 'expenses.client_note', 'expenses.explanation', 'expenses.state')
            ->addSelect('corrected.code AS corrects', 'expenses.reverses')->orderBy('expenses.code');
    }
}
