<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\HalfDaysFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Models\LeaveAllowance;
use Illuminate\Database\Query\Builder;

/** `leave_allowances.csv`: what single people may take in a year. */
final class LeaveAllowancesKind extends FileKind
{
    public function name(): string
    {
        return 'leave_allowances';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::reference('person', CodeTable::People, true),
            Column::required('kind', new TextFormat(60), ''),
            Column::required('year', new WholeNumberFormat(2000, 2100)),
            Column::required('days', new HalfDaysFormat, 'half_days'),
        ];
    }

    public function key(): array
    {
        return ['person', 'kind', 'year'];
    }

    public function keyAttributes(): array
    {
        return ['person_id', 'absence_kind_id', 'year'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('absence_kinds', $row->string('kind'));
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['absence_kind_id' => $codes->declare('absence_kinds', $row->string('kind'))];
    }

    public function exported(): Builder
    {
        return LeaveAllowance::query()->toBase()->join('people', 'people.id', 'leave_allowances.person_id')->join('absence_kinds', 'absence_kinds.id', 'leave_allowances.absence_kind_id')
            ->select('people.code AS person', 'absence_kinds.name AS kind', 'year', 'half_days AS days')
            ->orderBy('people.code')->orderBy('absence_kinds.name')->orderBy('year');
    }
}
