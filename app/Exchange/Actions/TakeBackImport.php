<?php

declare(strict_types=1);

namespace App\Exchange\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Exchange\FileKind;
use App\Exchange\ImportedChanges;
use App\Exchange\Kinds\AllKinds;
use App\Features\HouseRules\Actions\SaveFindings;
use App\Models\FileTransfer;
use App\Models\Person;
use App\Models\TransferState;
use App\Support\Database\Record;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PDOException;

/**
 * Takes an import back as a whole: new rows go, changed rows are as they were. Only as long as nothing was built on it: no row has
 * changed since, and nothing else refers to a new one.
 */
final readonly class TakeBackImport
{
    private const AT_ONCE = 500;

    /** What an import itself makes for people, tasks and projects beside the rows of its files, by the column that refers to them. */
    private const MADE = [
        'people' => ['messages' => 'person_id', 'findings' => 'person_id', 'recorded_weeks' => 'person_id', 'recorded_months' => 'person_id'],
        'tasks' => ['findings' => 'task_id'],
        'projects' => ['recorded_months' => 'project_id', 'planned_months' => 'project_id', 'recorded_project_months' => 'project_id', 'planned_project_months' => 'project_id', 'task_figures' => 'project_id', 'project_figures' => 'project_id', 'project_forecasts' => 'project_id', 'phases' => 'project_id'],
    ];

    public function __construct(private ImportedChanges $changes, private SaveFindings $findings, private AuditTrail $auditTrail)
    {
    }

    /** @throws TransferRefused */
    public function handle(Person $by, FileTransfer $transfer): void
    {
        $rows = self::journal($transfer);
        try {
            DB::transaction(function () use ($by, $transfer, $rows): void {
                if (FileTransfer::query()->whereKey($transfer->id)->where('state', TransferState::Done)->update(['state' => TransferState::TakenBack]) !== 1) {
                    throw TransferRefused::because('transfer.not_done');
                }
                // What was there before is as it was first, so that nothing refers to what goes.
                $new = [];
                foreach (array_reverse(AllKinds::list()) as $kind) {
                    foreach (array_chunk($rows[$kind->name()] ?? [], self::AT_ONCE, preserve_keys: true) as $some) {
                        $new[$kind->table()] = [...($new[$kind->table()] ?? []), ...$this->restore($kind, $some)];
                    }
                }
                $this->remove($new);
                $this->changes->finish();
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Exchange, 'files', 'take back', $by, array_map(static fn (array $counts): string => sprintf('%d new, %d changed, %d the same', $counts['new'] ?? 0, $counts['changed'] ?? 0, $counts['same'] ?? 0), $transfer->report), null)]);
            });
        } catch (QueryException|PDOException $fault) {
            throw str_contains($fault->getMessage(), 'FOREIGN KEY') || str_contains($fault->getMessage(), 'settled') || str_contains($fault->getMessage(), 'constraint') ? TransferRefused::because('transfer.built_on') : $fault;
        }
        $this->findings->ofAllThatWaits();
    }

    /**
     * @param  array<int, array{before: array<string, string|int|null>|null, after: string|null}>  $rows  by id
     * @return list<int> those that were new
     *
     * @throws TransferRefused
     */
    private function restore(FileKind $kind, array $rows): array
    {
        $now = ImportJournal::hashes($kind, array_keys($rows));
        $new = [];
        $changed = [];
        foreach ($rows as $id => $row) {
            if (($now[$id] ?? null) !== $row['after']) {
                throw TransferRefused::because('transfer.changed_since', ['file' => $kind->file()]);
            }
            if ($row['before'] === null) {
                $new[] = $id;
            } else {
                $changed[] = $row['before'];
            }
        }
        $present = array_map(static fn (Record $record): array => $record->toArray(), Record::all(DB::table($kind->table())->whereIntegerInRaw('id', array_keys($rows))));
        $this->changes->takenBack($kind->table(), $present, $changed);
        foreach ($changed as $row) {
            DB::table($kind->table())->upsert([$row], ['id'], array_keys($row));
        }

        return $new;
    }

    /** @param  array<string, list<int>>  $new  ids by table, what refers to others first */
    private function remove(array $new): void
    {
        // New people and teams refer to each other.
        foreach (['teams' => ['lead_id' => null], 'people' => ['manager_id' => null, 'team_id' => null]] as $table => $nothing) {
            foreach (array_chunk($new[$table] ?? [], self::AT_ONCE) as $ids) {
                DB::table($table)->whereIntegerInRaw('id', $ids)->update($nothing);
            }
        }
        foreach ($new as $table => $all) {
            foreach (array_chunk($all, self::AT_ONCE) as $ids) {
                foreach (self::MADE[$table] ?? [] as $made => $column) {
                    DB::table($made)->whereIntegerInRaw($column, $ids)->delete();
                }
                DB::table($table)->whereIntegerInRaw('id', $ids)->delete();
            }
        }
    }

    /**
     * @return array<string, array<int, array{before: array<string, string|int|null>|null, after: string|null}>> by kind and id
     *
     * @throws TransferRefused if what the import did is no longer known
     */
    private static function journal(FileTransfer $transfer): array
    {
        $path = $transfer->folder().'/undo.jsonl';
        $stream = is_file($path) ? fopen($path, 'r') : false;
        if ($stream === false) {
            throw TransferRefused::because('transfer.journal_gone');
        }
        $rows = [];
        while (($line = fgets($stream)) !== false) {
            /** @var array{kind: string, id: int, before: array<string, string|int|null>|null, after: string|null} $row as the journal wrote it */
            $row = json_decode($line, true, flags: JSON_THROW_ON_ERROR);
            $rows[$row['kind']][$row['id']] = ['before' => $row['before'], 'after' => $row['after']];
        }
        fclose($stream);

        return $rows;
    }
}
