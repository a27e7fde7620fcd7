<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\PartFormat;
use App\Exchange\Formats\TextFormat;
use App\Models\Holiday;
use Illuminate\Database\Query\Builder;

/** `calendars.csv`: the holidays of each calendar. */
final class CalendarsKind extends FileKind
{
    public function name(): string
    {
        return 'calendars';
    }

    public function table(): string
    {
        return 'holidays';
    }

    public function columns(): array
    {
        return [
            Column::reference('calendar', CodeTable::Calendars, true),
            Column::required('date', new DayFormat),
            Column::required('name', new TextFormat(200)),
            Column::optional('part', new PartFormat, '1'),
        ];
    }

    public function key(): array
    {
        return ['calendar', 'date'];
    }

    public function keyAttributes(): array
    {
        return ['calendar_id', 'date'];
    }

    public function codeColumns(): array
    {
        return ['calendar'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('calendars', $row->string('calendar'));
    }

    public function exported(): Builder
    {
        return Holiday::query()->toBase()->join('calendars', 'calendars.id', 'holidays.calendar_id')
            ->addSelect('calendars.code AS calendar', 'holidays.date', 'holidays.name', 'holidays.part')
            ->orderBy('calendars.code')->orderBy('holidays.date');
    }
}
