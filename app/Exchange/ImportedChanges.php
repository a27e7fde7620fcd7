<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\RecalculationScope;
use App\Effort\Recalculation\UpdateTotals;
use App\Models\Entry;
use App\Models\Task;
use Moss\Core\Calendar\Day;

/** Says what an import changed of what stored totals are made of, whichever files it came by. */
final class ImportedChanges
{
    /** So many recorded totals are gathered before they are queued. */
    private const GATHERED = 2000;

    /** Columns of people that totals depend on. */
    private const OF_PERSON = ['team_id', 'role_id', 'pattern', 'calendar_id'];

    private EffortChanges $changes;

    public function __construct(private readonly UpdateTotals $totals)
    {
        $this->changes = new EffortChanges;
    }

    public function of(FileKindChange $change): void
    {
        foreach ($change->inserts as $row) {
            $this->row($change->kind->table(), $row, null);
        }
        foreach ($change->updates as $index => $row) {
            $this->row($change->kind->table(), $row, $change->originals[$index]);
        }
        if ($change->kind->table() === 'entry_pay_kinds') {
            $this->paid(array_column([...$change->inserts, ...$change->updates], 'entry_id'));
        }
        $keys = $this->changes->recordedKeys();
        if (count($keys) >= self::GATHERED) {
            $this->totals->queueRecorded($keys);
            $this->changes = $this->changes->withoutRecorded();
        }
    }

    /** @param  list<EndedAssignment>  $ended */
    public function ended(array $ended): void
    {
        $this->changes->plansOf(...array_map(static fn (EndedAssignment $one): int => (int) $one->before['task_id'], $ended));
    }

    /**
     * Rows that an import made or changed are about to go, or to be as they were.
     *
     * @param  list<array<string, string|int|null>>  $present  as they are now
     * @param  list<array<string, string|int|null>>  $originals  those that were there before, as they were
     */
    public function takenBack(string $table, array $present, array $originals): void
    {
        $before = array_column($originals, null, 'id');
        if ($table === 'entry_pay_kinds') {
            $this->paid(array_column([...$present, ...$originals], 'entry_id'));
        }
        // What an import removed comes again.
        foreach (array_diff_key($before, array_column($present, null, 'id')) as $original) {
            $this->row($table, $original, null);
        }
        foreach ($present as $row) {
            $original = $before[$row['id']] ?? null;
            if ($original !== null) {
                $this->row($table, $original, $row);
            } elseif ($table === 'tasks') {
                $this->changes->taskRemoved((int) $row['project_id']);
            } elseif ($table !== 'people' && $table !== 'projects') {
                $this->row($table, $row, null);
            }
        }
    }

    public function finish(): void
    {
        $this->totals->handle($this->changes);
        $this->changes = new EffortChanges;
    }

    /**
     * Entries that cost something else now, since they are paid as something else.
     *
     * @param  list<string|int|null>  $entries
     */
    private function paid(array $entries): void
    {
        foreach (Entry::query()->whereIntegerInRaw('id', array_unique(array_map(intval(...), $entries)))->get(['id', 'task_id', 'person_id', 'role_id', 'date']) as $entry) {
            $this->changes->recorded($entry->task_id, $entry->person_id, $entry->role_id, $entry->date);
        }
    }

    /**
     * @param  array<string, string|int|null>  $row
     * @param  array<string, string|int|null>|null  $before  null where the row is new
     */
    private function row(string $table, array $row, ?array $before): void
    {
        $id = (int) ($row['id'] ?? 0);
        match ($table) {
            'entries' => $this->changes->recorded((int) $row['task_id'], (int) $row['person_id'], self::number($row['role_id']), (string) $row['date']),
            'remaining_estimates' => $this->changes->estimatesOf((int) $row['task_id']),
            'assignments' => $this->changes->plansOf((int) $row['task_id']),
            'tasks' => self::differ($row, $before, 'billable') && $before !== null ? $this->changes->plansOf($id)->billableOf($id) : $this->changes->plansOf($id),
            'projects' => self::differ($row, $before, 'starts_on', 'ends_on') ? $this->changes->plansOf(...self::tasks($id)) : null,
            'people' => $before === null ? null : $this->changes->ofPerson($id, array_values(array_filter(self::OF_PERSON, static fn (string $column): bool => self::differ($row, $before, $column)))),
            'rates' => $this->changes->costOf(self::number($row['person_id']), self::number($row['role_id']), Day::of((string) $row['starts_on'])),
            'holidays' => $this->changes->widely(RecalculationScope::holiday((string) $row['date'])),
            'organisations' => self::differ($row, $before, 'pattern', 'calendar_id') ? $this->changes->widely(RecalculationScope::workingTime()) : null,
            default => null,
        };
    }

    /**
     * @param  array<string, string|int|null>  $row
     * @param  array<string, string|int|null>|null  $before
     */
    private static function differ(array $row, ?array $before, string ...$columns): bool
    {
        foreach ($columns as $column) {
            if (($row[$column] ?? null) !== ($before[$column] ?? null)) {
                return true;
            }
        }

        return false;
    }

    private static function number(string|int|null $value): ?int
    {
        return $value === null ? null : (int) $value;
    }

    /** @return list<int> */
    private static function tasks(int $project): array
    {
        return array_values(array_filter(Task::query()->toBase()->where('project_id', $project)->pluck('id')->all(), is_int(...)));
    }
}
