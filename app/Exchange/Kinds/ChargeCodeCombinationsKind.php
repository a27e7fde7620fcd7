<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\Formats\TextFormat;
use App\Models\ChargeCodeCombination;
use Illuminate\Database\Query\Builder;

/** `charge_code_combinations.csv`: which codes go together; all do where a client has no row. */
final class ChargeCodeCombinationsKind extends ChargeCodeKind
{
    public function name(): string
    {
        return 'charge_code_combinations';
    }

    public function columns(): array
    {
        return [Column::reference('client', CodeTable::Clients, true), Column::required('codes', new TextFormat(200))];
    }

    public function key(): array
    {
        return ['client', 'codes'];
    }

    public function keyAttributes(): array
    {
        return ['client_id', 'codes'];
    }

    public function exported(): Builder
    {
        return ChargeCodeCombination::query()->toBase()->join('clients', 'clients.id', 'charge_code_combinations.client_id')
            ->select('clients.code AS client', 'codes')->orderBy('clients.code')->orderBy('codes');
    }
}
