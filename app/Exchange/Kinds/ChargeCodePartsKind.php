<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Models\ChargeCodePart;
use Illuminate\Database\Query\Builder;
use Moss\Core\ChargeCodes\Composition;

/** `charge_code_parts.csv`: the parts of charge codes, from 1 on. */
final class ChargeCodePartsKind extends ChargeCodeKind
{
    public function name(): string
    {
        return 'charge_code_parts';
    }

    public function columns(): array
    {
        return [Column::reference('client', CodeTable::Clients, true), Column::required('part', new WholeNumberFormat(1, Composition::MOST_PARTS), 'number'), Column::required('name', new TextFormat(200))];
    }

    public function key(): array
    {
        return ['client', 'part'];
    }

    public function keyAttributes(): array
    {
        return ['client_id', 'number'];
    }

    public function exported(): Builder
    {
        return ChargeCodePart::query()->toBase()->join('clients', 'clients.id', 'charge_code_parts.client_id')
            ->select('clients.code AS client', 'number AS part', 'charge_code_parts.name')->orderBy('clients.code')->orderBy('number');
    }
}
