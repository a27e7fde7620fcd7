<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\ExchangeRateFormat;
use App\Models\ExchangeRate;
use Illuminate\Database\Query\Builder;

/** `exchange_rates.csv`: what one unit of a currency is worth in the organisation's, from a day on. */
final class ExchangeRatesKind extends FileKind
{
    public function name(): string
    {
        return 'exchange_rates';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::reference('currency', CodeTable::Currencies, true),
            Column::required('from', DayFormat::ofWork(), 'starts_on'),
            Column::required('rate', new ExchangeRateFormat),
        ];
    }

    public function key(): array
    {
        return ['currency', 'from'];
    }

    public function keyAttributes(): array
    {
        return ['currency_id', 'starts_on'];
    }

    public function exported(): Builder
    {
        return ExchangeRate::query()->toBase()->join('currencies', 'currencies.id', 'exchange_rates.currency_id')
            ->select('currencies.code AS currency', 'exchange_rates.starts_on AS from', 'exchange_rates.rate')->orderBy('currencies.code')->orderBy('exchange_rates.starts_on');
    }
}
