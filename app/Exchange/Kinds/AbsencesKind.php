<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\DraftRow;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\HoursCell;
use App\Exchange\Formats\TextFormat;
use App\Models\Absence;
use Illuminate\Database\Query\Builder;

/** `absences.csv` */
final class AbsencesKind extends FileKind
{
    public function name(): string
    {
        return 'absences';
    }

    public function columns(): array
    {
        return [
            Column::reference('person', CodeTable::People, true),
            Column::required('date', DayFormat::ofWork()),
            Column::optional('hours', HoursCell::onDay(), null, 'minutes'),
            Column::required('kind', new TextFormat(60), ''),
        ];
    }

    public function key(): array
    {
        return ['person', 'date', 'kind'];
    }

    public function keyAttributes(): array
    {
        return ['person_id', 'date', 'absence_kind_id'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('absence_kinds', $row->string('kind'));
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['absence_kind_id' => $codes->declare('absence_kinds', $row->string('kind'))];
    }

    /** @return int<1, max> */
    public function rowsAtOnce(): int
    {
        return 1000;
    }

    public function existing(array $drafts): Builder
    {
        return $this->having(array_map(static fn (DraftRow $draft): array => $draft->attributes, $drafts));
    }

    public function periodColumn(): string
    {
        return 'absences.date';
    }

    public function exported(): Builder
    {
        return Absence::query()->toBase()->join('people', 'people.id', 'absences.person_id')->join('absence_kinds', 'absence_kinds.id', 'absences.absence_kind_id')
            ->addSelect('people.code AS person', 'absences.date', 'absences.minutes AS hours', 'absence_kinds.name AS kind')
            ->orderBy('people.code')->orderBy('absences.date')->orderBy('absence_kinds.name');
    }
}
