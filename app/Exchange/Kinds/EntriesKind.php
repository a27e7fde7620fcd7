<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\DraftRow;
use App\Exchange\ExchangeText;
use App\Exchange\ExportedEntries;
use App\Exchange\FileProblem;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\HoursCell;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\Entry;
use App\Models\Organisation;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Sheet\EntryState;

/** `entries.csv` */
final class EntriesKind extends OnTaskKind
{
    /** @var list<DraftRow> rows that correct a settled entry */
    private array $corrections = [];

    /** @var array{string|null}|null the last day of the closed period, once it has been read */
    private ?array $closedUntil = null;

    public function name(): string
    {
        return 'entries';
    }

    public function columns(): array
    {
        $states = array_map(static fn (EntryState $state): string => $state->value, EntryState::cases());

        return [
            Column::reference('person', CodeTable::People, true),
            ...$this->taskColumns(),
            Column::reference('role', CodeTable::Roles),
            Column::required('date', DayFormat::ofWork()),
            Column::required('hours', HoursCell::ofEntry(), 'minutes'),
            Column::optional('state', new ChoiceFormat(...$states), EntryState::Draft->value),
            Column::optional('billable', new YesNoFormat),
            Column::optional('note', self::note(), ''),
            Column::optional('client_note', self::note(), ''),
            Column::optional('corrects', DayFormat::ofWork()),
            Column::optional('charge_code', new TextFormat(200)),
        ];
    }

    public function key(): array
    {
        return ['person', 'project', 'task', 'role', 'date', 'corrects'];
    }

    public function keyAttributes(): array
    {
        return ['person_id', 'task_id', 'role_id', 'date', 'corrects'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        $minutes = $row->int('hours');
        if ($minutes === 0) {
            return [$row->problem('hours', ExchangeText::get('expected.hours_on_day'))];
        }
        if ($minutes < 0 && $row->value('corrects') === null) {
            return [$row->problem('hours', ExchangeText::get('expected.negative_corrects'))];
        }

        return $this->checkTask($row, $codes);
    }

    public function checkAgainst(array $drafts, array $existing): array
    {
        $this->closedUntil ??= [Organisation::query()->sole()->closed_until?->toString()];
        [$closedUntil] = $this->closedUntil;
        $problems = [];
        foreach ($drafts as $draft) {
            $known = $existing[$this->keyOf($draft->attributes)] ?? null;
            if ($closedUntil !== null && $draft->attributes['date'] <= $closedUntil && $known === null) {
                $problems[] = $draft->row->problem('date', ExchangeText::get('expected.open_day', ['day' => $closedUntil]));
            }
            $problems[] = $this->changeOfFixed($draft, $known);
            if ($draft->attributes['corrects'] !== null) {
                $this->corrections[] = $draft;
            }
        }

        return array_values(array_filter($problems));
    }

    /** What a row corrects may come later in the file, so it is looked for once all of them are written. */
    public function checkWritten(): array
    {
        $problems = [];
        foreach (array_chunk($this->corrections, $this->rowsAtOnce()) as $drafts) {
            $settled = [];
            foreach (Record::all($this->having(array_map(static fn (DraftRow $draft): array => self::corrected($draft), $drafts))->where('entries.state', EntryState::Settled->value)) as $entry) {
                $settled[$this->keyOf($entry->toArray())] = true;
            }
            foreach ($drafts as $draft) {
                if (! isset($settled[$this->keyOf(self::corrected($draft))])) {
                    $problems[] = $draft->row->problem('corrects', ExchangeText::get('expected.settled_entry'));
                }
            }
        }

        return $problems;
    }

    /** @return array<string, string|int|null> the key of the entry that a row corrects */
    private static function corrected(DraftRow $draft): array
    {
        return ['date' => $draft->attributes['corrects'], 'corrects' => null] + $draft->attributes;
    }

    public function initial(DraftRow $draft): array
    {
        return ['version' => 1];
    }

    public function onChange(array $existing): array
    {
        return ['version' => (int) $existing['version'] + 1, 'approvals' => 0, 'approver_id' => null, 'last_decided_by_id' => null];
    }

    public function exported(): Builder
    {
        return Entry::query()->toBase();
    }

    /** Entries seldom have a charge code of their own; without any, the file has no column for it. */
    public function exportedColumns(): array
    {
        $columns = $this->columnList();

        return Entry::query()->whereNotNull('charge_code')->exists() ? $columns : array_slice($columns, 0, -1);
    }

    public function periodColumn(): string
    {
        return 'entries.date';
    }

    public function exportedRows(?DayRange $period = null): iterable
    {
        return ExportedEntries::rows(self::note(), count($this->exportedColumns()) === count($this->columnList()), $period);
    }

    private static function note(): TextFormat
    {
        return new TextFormat(2000, true);
    }

    /**
     * Approved time may only be settled, settled time not be changed at all.
     *
     * @param  array<string, string|int|null>|null  $entry
     */
    private function changeOfFixed(DraftRow $draft, ?array $entry): ?FileProblem
    {
        $state = EntryState::tryFrom((string) ($entry['state'] ?? ''));
        if ($entry === null || $state === null || ! $state->isActual()) {
            return null;
        }
        $changed = array_diff_assoc($draft->givenAttributes(), $entry);
        if ($state === EntryState::Approved && ($changed['state'] ?? null) === EntryState::Settled->value) {
            unset($changed['state']);
        }
        if ($changed === []) {
            return null;
        }

        return new FileProblem($draft->row->file, $draft->row->line, null, null, ExchangeText::get('expected.unchanged_'.$state->value));
    }
}
