<?php

declare(strict_types=1);

namespace App\Exchange;

/** What an import changed, by file; it grows while the import goes on. */
final class ImportReport
{
    /** @var array<string, array{new: int, changed: int, same: int}> by file name */
    public array $files = [];

    /** @var list<string> what of the plan becomes another, in words; only where a plan is replaced */
    public array $planChanges = [];

    /** @var array<int, array<int, string>> new assignments: the last day of each, by person and task */
    public array $assigned = [];

    /** Assignments that have ended because the plan no longer has them. */
    public int $ended = 0;

    /** @param  PlanChanges|null  $changes  null where no plan is replaced */
    public function __construct(private readonly ?PlanChanges $changes)
    {
    }

    public function begin(FileKind $kind): void
    {
        $this->files[$kind->file()] = ['new' => 0, 'changed' => 0, 'same' => 0];
    }

    public function add(FileKindChange $change): void
    {
        $counts = $this->files[$change->kind->file()];
        $this->files[$change->kind->file()] = [
            'new' => $counts['new'] + count($change->inserts), 'changed' => $counts['changed'] + count($change->updates), 'same' => $counts['same'] + $change->same,
        ];
        array_push($this->planChanges, ...($this->changes?->of($change) ?? []));
        foreach ($change->kind->table() === 'assignments' ? $change->inserts : [] as $assignment) {
            if ($assignment['person_id'] !== null) {
                $key = [(int) $assignment['person_id'], (int) $assignment['task_id']];
                $this->assigned[$key[0]][$key[1]] = max($this->assigned[$key[0]][$key[1]] ?? '', (string) $assignment['ends_on']);
            }
        }
    }

    /** @param  list<EndedAssignment>  $ended */
    public function addEnded(array $ended): void
    {
        $this->ended += count($ended);
        array_push($this->planChanges, ...($this->changes?->ofEnded($ended) ?? []));
    }
}
