<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\InstantFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\LeaveRequest;
use Illuminate\Database\Query\Builder;
use Moss\Core\Leave\LeaveState;

/** `leave_requests.csv`: what people asked for, and what became of it; the absences of approved ones are in `absences.csv`. */
final class LeaveRequestsKind extends FileKind
{
    public function name(): string
    {
        return 'leave_requests';
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
            Column::required('starts_on', DayFormat::ofWork()),
            Column::required('ends_on', DayFormat::ofWork()),
            Column::optional('from_midday', new YesNoFormat, 0),
            Column::optional('until_midday', new YesNoFormat, 0),
            Column::required('state', new ChoiceFormat(...array_map(static fn (LeaveState $state): string => $state->value, LeaveState::cases()))),
            Column::optional('note', new TextFormat(1000, severalLines: true), ''),
            Column::reference('requested_by', CodeTable::People, true),
            Column::required('requested_at', new InstantFormat),
            Column::reference('decided_by', CodeTable::People),
            Column::optional('decided_at', new InstantFormat),
            Column::optional('comment', new TextFormat(1000, severalLines: true), ''),
            Column::optional('calendar_uid', new TextFormat(255)),
        ];
    }

    public function key(): array
    {
        return ['person', 'kind', 'starts_on', 'ends_on', 'requested_at'];
    }

    public function keyAttributes(): array
    {
        return ['person_id', 'absence_kind_id', 'starts_on', 'ends_on', 'requested_at'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('absence_kinds', $row->string('kind'));
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return $this->checkOrder($row);
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['absence_kind_id' => $codes->declare('absence_kinds', $row->string('kind'))];
    }

    public function periodColumn(): string
    {
        return 'leave_requests.starts_on';
    }

    public function exported(): Builder
    {
        return LeaveRequest::query()->toBase()->join('people', 'people.id', 'leave_requests.person_id')->join('absence_kinds', 'absence_kinds.id', 'leave_requests.absence_kind_id')
            ->join('people AS requesters', 'requesters.id', 'leave_requests.requested_by_id')->leftJoin('people AS deciders', 'deciders.id', 'leave_requests.decided_by_id')
            ->select('people.code AS person', 'absence_kinds.name AS kind', 'leave_requests.starts_on', 'leave_requests.ends_on', 'from_midday', 'until_midday', 'leave_requests.state')
            ->addSelect('leave_requests.note', 'requesters.code AS requested_by', 'requested_at', 'deciders.code AS decided_by', 'decided_at', 'comment', 'calendar_uid')
            ->orderBy('people.code')->orderBy('leave_requests.starts_on')->orderBy('requested_at')->orderBy('absence_kinds.name')->orderBy('leave_requests.ends_on');
    }
}
