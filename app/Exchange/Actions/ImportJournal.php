<?php

declare(strict_types=1);

namespace App\Exchange\Actions;

use App\Exchange\EndedAssignment;
use App\Exchange\FileKind;
use App\Exchange\FileKindChange;
use App\Exchange\ImportObserver;
use App\Exchange\Kinds\AllKinds;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RuntimeException;

/**
 * Writes down what an import does: for people what each row makes new or changes, and, where it is to be taken back, every row as it
 * was before and a hash of what it is after. Each is a file of one JSON value a line beside the imported files.
 */
final class ImportJournal implements ImportObserver
{
    /** So many rows are shown at most. */
    public const MOST_SHOWN = 20_000;

    private int $shown = 0;

    /** @var array<string, array<int, array<string, string|int|null>|null>> rows before, null for new ones, by kind and id */
    private array $written = [];

    /** @var resource */
    private $rows;

    public function __construct(private readonly string $folder, private readonly TransferProgress $progress, private readonly bool $canBeTakenBack)
    {
        $stream = fopen($folder.'/rows.jsonl', 'w');
        $this->rows = $stream === false ? throw new RuntimeException('cannot write the journal of an import') : $stream;
    }

    public function looked(int $rows): void
    {
        $this->progress->add($rows);
    }

    public function wrote(FileKindChange $change): void
    {
        foreach ($change->outcomes() as $outcome) {
            $this->show(['file' => $change->kind->file(), 'line' => $outcome->line, 'outcome' => $outcome->isNew ? 'new' : 'changed', 'key' => $outcome->key, 'changes' => $outcome->changes]);
        }
        if ($this->canBeTakenBack) {
            foreach ($change->insertedRows() as $row) {
                $this->written[$change->kind->name()][(int) $row['id']] ??= null;
            }
            foreach ($change->originals as $row) {
                $this->written[$change->kind->name()][(int) $row['id']] ??= $row;
            }
        }
    }

    /** @param  list<EndedAssignment>  $ended */
    public function ended(array $ended): void
    {
        foreach ($ended as $one) {
            $this->show(['file' => 'assignments.csv', 'line' => null, 'outcome' => 'gone', 'key' => '#'.$one->before['id'], 'changes' => []]);
            if ($this->canBeTakenBack) {
                $this->written['assignments'][(int) $one->before['id']] ??= $one->before;
            }
        }
    }

    public function finished(): void
    {
        fclose($this->rows);
        if (! $this->canBeTakenBack) {
            return;
        }
        $file = fopen($this->folder.'/undo.jsonl', 'w');
        if ($file === false) {
            throw new RuntimeException('cannot write the journal of an import');
        }
        foreach (AllKinds::list() as $kind) {
            foreach (array_chunk($this->written[$kind->name()] ?? [], 500, preserve_keys: true) as $rows) {
                $hashes = self::hashes($kind, array_keys($rows));
                foreach ($rows as $id => $before) {
                    fwrite($file, json_encode(['kind' => $kind->name(), 'id' => $id, 'before' => $before, 'after' => $hashes[$id] ?? null], JSON_THROW_ON_ERROR)."\n");
                }
            }
        }
        fclose($file);
    }

    /**
     * What rows of a kind are now, of all that its file can set.
     *
     * @param  list<int>  $ids
     * @return array<int, string> by id; none for rows that are not there
     */
    public static function hashes(FileKind $kind, array $ids): array
    {
        $attributes = [...$kind->keyAttributes()];
        foreach ($kind->columnList() as $column) {
            $attributes[] = $column->attribute;
        }
        // Settings of the organisation have no columns of their own name: of them the whole row counts.
        $columns = Schema::getColumnListing($kind->table());
        $attributes = array_values(array_intersect($columns, $attributes));
        $attributes = $attributes === [] ? $columns : $attributes;
        $hashes = [];
        foreach (Record::all(DB::table($kind->table())->select('id', ...$attributes)->whereIntegerInRaw('id', $ids)) as $row) {
            $hashes[$row->int('id')] = hash('xxh128', json_encode($row->toArray(), JSON_THROW_ON_ERROR));
        }

        return $hashes;
    }

    /** @param  array{file: string, line: int|null, outcome: string, key: string, changes: array<string, array{string, string}>}  $row */
    private function show(array $row): void
    {
        if ($this->shown++ < self::MOST_SHOWN) {
            fwrite($this->rows, json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)."\n");
        }
    }
}
