<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\DraftRow;
use App\Exchange\ExchangeText;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\HoursCell;
use App\Models\EntryPayKind;
use Illuminate\Database\Query\Builder;
use Moss\Core\Pay\PayKind;

/** `entry_pay_kinds.csv`: what approved entries are paid as. Where the kinds of an entry do not add up to its hours, it is regular. */
final class EntryPayKindsKind extends NamedEntriesKind
{
    public function name(): string
    {
        return 'entry_pay_kinds';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::required('person', new CodeFormat, ''),
            Column::required('project', new CodeFormat, ''),
            Column::required('task', new CodeFormat, ''),
            Column::optional('role', new CodeFormat, null, ''),
            Column::required('date', DayFormat::ofWork(), ''),
            Column::optional('corrects', DayFormat::ofWork(), null, ''),
            Column::required('kind', new ChoiceFormat(...array_column(PayKind::cases(), 'value'))),
            Column::required('hours', HoursCell::ofEntry(), 'minutes'),
        ];
    }

    public function key(): array
    {
        return ['person', 'project', 'task', 'role', 'date', 'corrects', 'kind'];
    }

    public function codeColumns(): array
    {
        return ['kind', 'hours'];
    }

    public function keyAttributes(): array
    {
        return ['entry_id', 'kind'];
    }

    public function existing(array $drafts): Builder
    {
        return EntryPayKind::query()->toBase()->whereIntegerInRaw('entry_id', array_map(static fn (DraftRow $draft): int => (int) $draft->attributes['entry_id'], $drafts));
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['entry_id' => null, ...self::named($row, $codes)];
    }

    public function resolved(array $drafts): array
    {
        $entries = self::entries($drafts);
        $resolved = [];
        $problems = [];
        foreach ($drafts as $draft) {
            $id = $entries[self::entryKey($draft)] ?? null;
            if ($id === null) {
                $problems[] = $draft->row->problem('task', ExchangeText::get('expected.entry'));

                continue;
            }
            $resolved[] = new DraftRow($draft->row, ['entry_id' => $id, 'kind' => $draft->attributes['kind'], 'minutes' => $draft->attributes['minutes']], ['minutes']);
        }

        return [$resolved, $problems];
    }

    public function exported(): Builder
    {
        return EntryPayKind::query()->toBase()->join('entries', 'entries.id', 'entry_pay_kinds.entry_id')->join('people', 'people.id', 'entries.person_id')->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->select('people.code AS person', 'projects.code AS project', 'tasks.code AS task', 'roles.code AS role', 'entries.date', 'entries.corrects', 'entry_pay_kinds.kind', 'entry_pay_kinds.minutes AS hours')
            ->orderBy('people.code')->orderBy('entries.date')->orderBy('projects.code')->orderBy('tasks.code')->orderBy('roles.code')->orderBy('entries.corrects')->orderBy('entry_pay_kinds.kind');
    }
}
