<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\RateFormat;
use App\Models\MileageRate;
use Illuminate\Database\Query\Builder;

/** `mileage_rates.csv`: what a kilometre costs from a day on. */
final class MileageRatesKind extends FileKind
{
    public function name(): string
    {
        return 'mileage_rates';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::ofCode('category', CodeTable::ExpenseCategories, 'expense_category_id'),
            Column::required('from', DayFormat::ofWork(), 'starts_on'),
            Column::required('rate', new RateFormat),
        ];
    }

    public function key(): array
    {
        return ['category', 'from'];
    }

    public function keyAttributes(): array
    {
        return ['expense_category_id', 'starts_on'];
    }

    public function exported(): Builder
    {
        return MileageRate::query()->toBase()->join('expense_categories', 'expense_categories.id', 'mileage_rates.expense_category_id')
            ->select('expense_categories.code AS category', 'mileage_rates.starts_on AS from', 'mileage_rates.rate')->orderBy('expense_categories.code')->orderBy('mileage_rates.starts_on');
    }
}
