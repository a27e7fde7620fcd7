<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\DraftRow;
use App\Exchange\FileKind;
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
            Column::required('kind', new TextFormat(60)),
        ];
    }

    public function key(): array
    {
        return ['person', 'date', 'kind'];
    }

    public function keyAttributes(): array
    {
        return ['person_id', 'date', 'kind'];
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

    public function exported(): Builder
    {
        return Absence::query()->toBase()->join('people', 'people.id', 'absences.person_id')
            ->addSelect('people.code AS person', 'absences.date', 'absences.minutes AS hours', 'absences.kind')
            ->orderBy('people.code')->orderBy('absences.date')->orderBy('absences.kind');
    }
}
