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
use App\Models\StandIn;
use App\Models\StandInProject;
use Illuminate\Database\Query\Builder;

/** `stand_ins.csv`: who decides in an absent approver's place, for everything; those for some projects only are not exchanged. */
final class StandInsKind extends FileKind
{
    public function name(): string
    {
        return 'stand_ins';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::reference('person', CodeTable::People, true),
            Column::reference('stand_in', CodeTable::People, true),
            Column::required('starts_on', DayFormat::ofWork()),
            Column::required('ends_on', DayFormat::ofWork()),
        ];
    }

    public function key(): array
    {
        return ['person', 'stand_in', 'starts_on'];
    }

    public function keyAttributes(): array
    {
        return ['person_id', 'stand_in_id', 'starts_on'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        if ($row->value('person') === $row->value('stand_in')) {
            return [$row->problem('stand_in', ExchangeText::get('expected.other_person'))];
        }

        return $this->checkOrder($row);
    }

    public function exported(): Builder
    {
        return StandIn::query()->toBase()
            ->join('people', 'people.id', 'stand_ins.person_id')
            ->join('people AS others', 'others.id', 'stand_ins.stand_in_id')
            ->whereNotExists(StandInProject::query()->toBase()->whereColumn('stand_in_projects.stand_in_id', 'stand_ins.id'))
            ->addSelect('people.code AS person', 'others.code AS stand_in', 'stand_ins.starts_on', 'stand_ins.ends_on')
            ->orderBy('people.code')->orderBy('others.code')->orderBy('stand_ins.starts_on');
    }
}
