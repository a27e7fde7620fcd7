<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\CurrencyFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Models\Currency;
use Illuminate\Database\Query\Builder;

/** `currencies.csv`: currencies besides the organisation's own, with their decimal places and smallest coin. */
final class CurrenciesKind extends FileKind
{
    public function name(): string
    {
        return 'currencies';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::required('currency', new CurrencyFormat, 'code'),
            Column::optional('places', new WholeNumberFormat(0, 3), 2),
            Column::optional('step', new WholeNumberFormat(1, 100_000), 1),
        ];
    }

    public function key(): array
    {
        return ['currency'];
    }

    public function keyAttributes(): array
    {
        return ['code'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('currencies', $row->string('currency'));
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['id' => $codes->idOf('currencies', $row->string('currency'))];
    }

    public function exported(): Builder
    {
        return Currency::query()->toBase()->select('code AS currency', 'places', 'step')->orderBy('code');
    }
}
