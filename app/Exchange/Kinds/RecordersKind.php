<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\YesNoFormat;
use App\Models\Recorder;
use Illuminate\Database\Query\Builder;

/** `recorders.csv`: who may record in whose timesheet, and submit it. */
final class RecordersKind extends FileKind
{
    public function name(): string
    {
        return 'recorders';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [Column::reference('person', CodeTable::People, true), Column::reference('recorder', CodeTable::People, true), Column::optional('may_submit', new YesNoFormat, 0)];
    }

    public function key(): array
    {
        return ['person', 'recorder'];
    }

    public function keyAttributes(): array
    {
        return ['person_id', 'recorder_id'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return $row->value('person') === $row->value('recorder') ? [$row->problem('recorder', ExchangeText::get('expected.other_person'))] : [];
    }

    public function exported(): Builder
    {
        return Recorder::query()->toBase()->join('people', 'people.id', 'recorders.person_id')->join('people AS others', 'others.id', 'recorders.recorder_id')
            ->select('people.code AS person', 'others.code AS recorder', 'may_submit')->orderBy('people.code')->orderBy('others.code');
    }
}
