<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\ChargeCodeValue;
use Illuminate\Database\Query\Builder;
use Moss\Core\ChargeCodes\Composition;

/** `charge_code_values.csv`: the codes of each part. */
final class ChargeCodeValuesKind extends ChargeCodeKind
{
    public function name(): string
    {
        return 'charge_code_values';
    }

    public function columns(): array
    {
        return [
            Column::reference('client', CodeTable::Clients, true),
            Column::required('part', new WholeNumberFormat(1, Composition::MOST_PARTS), 'number'),
            Column::required('code', new CodeFormat),
            Column::required('name', new TextFormat(200)),
            Column::optional('retired', new YesNoFormat, 0, 'is_retired'),
        ];
    }

    public function key(): array
    {
        return ['client', 'part', 'code'];
    }

    public function keyAttributes(): array
    {
        return ['client_id', 'number', 'code'];
    }

    public function exported(): Builder
    {
        return ChargeCodeValue::query()->toBase()->join('clients', 'clients.id', 'charge_code_values.client_id')
            ->select('clients.code AS client', 'number AS part', 'charge_code_values.code', 'charge_code_values.name', 'charge_code_values.is_retired AS retired')
            ->orderBy('clients.code')->orderBy('number')->orderBy('charge_code_values.code');
    }
}
