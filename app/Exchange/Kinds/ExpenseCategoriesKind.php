<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\MoneyFormat;
use App\Exchange\Formats\TaxSharesFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\ExpenseCategory;
use Illuminate\Database\Query\Builder;
use Moss\Core\Expenses\LimitPer;

/** `expense_categories.csv` */
final class ExpenseCategoriesKind extends FileKind
{
    public function name(): string
    {
        return 'expense_categories';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::required('category', new CodeFormat, 'code'),
            Column::required('name', new TextFormat(100)),
            Column::optional('tax', new TaxSharesFormat, '[[0,10000]]', 'tax_shares'),
            Column::optional('limit', new MoneyFormat, null, 'limit_cents'),
            Column::optional('limit_per', new ChoiceFormat(...array_column(LimitPer::cases(), 'value')), LimitPer::Expense->value),
            Column::optional('mileage', new YesNoFormat, 0),
            Column::optional('reclaims_tax', new YesNoFormat, 1),
            Column::optional('charged', new YesNoFormat, 0),
            Column::optional('active', new YesNoFormat, 1),
        ];
    }

    public function key(): array
    {
        return ['category'];
    }

    public function keyAttributes(): array
    {
        return ['code'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('expense_categories', $row->string('category'));
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['id' => $codes->idOf('expense_categories', $row->string('category'))];
    }

    public function exported(): Builder
    {
        return ExpenseCategory::query()->toBase()->select('code AS category', 'name', 'tax_shares AS tax', 'limit_cents AS limit', 'limit_per', 'mileage', 'reclaims_tax', 'charged', 'active')->orderBy('code');
    }
}
