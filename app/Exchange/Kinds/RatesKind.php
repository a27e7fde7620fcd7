<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\RateFormat;
use App\Models\Rate;
use Illuminate\Database\Query\Builder;

/** `rates.csv` */
final class RatesKind extends FileKind
{
    public function name(): string
    {
        return 'rates';
    }

    public function columns(): array
    {
        return [
            Column::reference('person', CodeTable::People),
            Column::reference('role', CodeTable::Roles),
            Column::required('from', new DayFormat, 'starts_on'),
            Column::required('cost_rate', new RateFormat),
            Column::optional('bill_rate', new RateFormat),
        ];
    }

    public function key(): array
    {
        return ['person', 'role', 'from'];
    }

    public function keyAttributes(): array
    {
        return ['person_id', 'role_id', 'starts_on'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return $row->value('person') === null && $row->value('role') === null
            ? [$row->problem('person', ExchangeText::get('expected.person_or_role'))]
            : [];
    }

    public function exported(): Builder
    {
        return Rate::query()->toBase()
            ->leftJoin('people', 'people.id', 'rates.person_id')
            ->leftJoin('roles', 'roles.id', 'rates.role_id')
            ->addSelect('people.code AS person', 'roles.code AS role', 'rates.starts_on AS from', 'rates.cost_rate', 'rates.bill_rate')
            ->orderBy('people.code')->orderBy('roles.code')->orderBy('rates.starts_on');
    }
}
