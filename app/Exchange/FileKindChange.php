<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Support\Database\BulkRows;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** Takes some rows of a file over into its table: finds which are new, changed or the same, and writes in bulk. */
final readonly class FileKindChange
{
    /**
     * @param  list<array<string, string|int|null>>  $inserts
     * @param  list<array<string, string|int|null>>  $updates  whole rows, with their id
     * @param  list<array<string, string|int|null>>  $originals  the same rows as they were
     * @param  list<DraftRow>  $newDrafts
     * @param  list<array{DraftRow, array<string, string|int|null>}>  $changedDrafts  with the row as it was
     */
    private function __construct(public FileKind $kind, public array $inserts, public array $updates, public array $originals, public int $same, private array $newDrafts = [], private array $changedDrafts = [])
    {
    }

    /** @param  list<FileRow>  $rows */
    public static function of(FileKind $kind, array $rows, Codes $codes, FileProblems $problems): self
    {
        $drafts = [];
        foreach ($rows as $row) {
            $found = [...self::unknownCodes($kind, $row, $codes), ...$kind->check($row, $codes)];
            foreach ($found as $problem) {
                $problems->add($problem);
            }
            if ($found === []) {
                $drafts[] = self::draft($kind, $row, $codes);
            }
        }
        [$drafts, $unresolved] = $problems->areThereAny() ? [$drafts, []] : $kind->resolved($drafts);
        foreach ($unresolved as $problem) {
            $problems->add($problem);
        }
        if ($drafts === []) {
            return new self($kind, [], [], [], 0);
        }
        $existing = [];
        foreach (Record::all($kind->existing($drafts)) as $record) {
            $attributes = $record->toArray();
            $existing[$kind->keyOf($attributes)] = $attributes;
        }
        foreach ($kind->checkAgainst($drafts, $existing) as $problem) {
            $problems->add($problem);
        }

        return self::sorted($kind, $drafts, $existing);
    }

    public function write(): void
    {
        $this->kind->beforeWriting($this->updates, $this->originals);
        BulkRows::insert($this->kind->table(), $this->inserts);
        foreach (array_chunk($this->updates, 500) as $chunk) {
            DB::table($this->kind->table())->upsert($chunk, ['id'], array_keys($chunk[0]));
        }
    }

    /**
     * @param  list<DraftRow>  $drafts
     * @param  array<string, array<string, string|int|null>>  $existing
     */
    private static function sorted(FileKind $kind, array $drafts, array $existing): self
    {
        $inserts = [];
        $updates = [];
        $originals = [];
        $same = 0;
        $new = [];
        $changed = [];
        // Several settings of the organisation fall on its one row, so each change is laid over the one before.
        foreach ($drafts as $draft) {
            $key = $kind->keyOf($draft->attributes);
            $known = $existing[$key] ?? null;
            if ($known === null) {
                $inserts[] = $draft->attributes + $kind->initial($draft);
                $new[] = $draft;
            } elseif (self::differs($draft->givenAttributes(), $known)) {
                $originals[$key] ??= $known;
                $changed[] = [$draft, $known];
                $existing[$key] = $draft->givenAttributes() + $kind->onChange($known) + $known;
                $updates[$key] = $existing[$key];
            } else {
                $same++;
            }
        }

        return new self($kind, $inserts, array_values($updates), array_values($originals), $same, $new, $changed);
    }

    /** @return iterable<RowOutcome> what each row makes new or changes, in the order of the file but for those that change something */
    public function outcomes(): iterable
    {
        foreach ($this->newDrafts as $draft) {
            yield new RowOutcome($draft->row->line, $this->key($draft), true, []);
        }
        foreach ($this->changedDrafts as [$draft, $known]) {
            yield new RowOutcome($draft->row->line, $this->key($draft), false, $this->changes($draft, $known));
        }
    }

    /** @return list<array<string, string|int|null>> the new rows as they are once they are written, with their ids */
    public function insertedRows(): array
    {
        if ($this->newDrafts === []) {
            return [];
        }
        $keys = array_fill_keys(array_map(fn (DraftRow $draft): string => $this->kind->keyOf($draft->attributes), $this->newDrafts), true);
        $rows = array_map(static fn (Record $record): array => $record->toArray(), Record::all($this->kind->existing($this->newDrafts)));

        return array_values(array_filter($rows, fn (array $row): bool => isset($keys[$this->kind->keyOf($row)])));
    }

    private function key(DraftRow $draft): string
    {
        return implode(', ', array_filter(array_map(static fn (string $column): string => (string) $draft->row->value($column), $this->kind->key()), static fn (string $cell): bool => $cell !== ''));
    }

    /**
     * @param  array<string, string|int|null>  $known
     * @return array<string, array{string, string}>
     */
    private function changes(DraftRow $draft, array $known): array
    {
        $changes = [];
        $given = $draft->givenAttributes();
        foreach ($this->kind->columnList() as $column) {
            if ($column->attribute === '' || ! array_key_exists($column->attribute, $given) || $given[$column->attribute] === ($known[$column->attribute] ?? null)) {
                continue;
            }
            $before = $known[$column->attribute] ?? null;
            $after = $draft->row->value($column->name);
            // Of what another row is known by, only the new code is at hand.
            $changes[$column->name] = [$before === null ? '' : ($column->names === null ? $column->format->print($before) : '…'), $after === null ? '' : $column->format->print($after)];
        }

        return $changes;
    }

    /**
     * @param  array<string, string|int|null>  $given
     * @param  array<string, string|int|null>  $known
     */
    private static function differs(array $given, array $known): bool
    {
        foreach ($given as $name => $value) {
            if ($value !== $known[$name]) {
                return true;
            }
        }

        return false;
    }

    /** @return list<FileProblem> */
    private static function unknownCodes(FileKind $kind, FileRow $row, Codes $codes): array
    {
        $problems = [];
        foreach ($kind->columnList() as $column) {
            $code = $row->value($column->name);
            if ($column->names !== null && $code !== null && $codes->idOf($column->names->value, (string) $code) === null) {
                $problems[] = $row->problem($column->name, ExchangeText::get('expected.known', ['what' => $column->names->singular()]));
            }
        }

        return $problems;
    }

    private static function draft(FileKind $kind, FileRow $row, Codes $codes): DraftRow
    {
        $further = $kind->further($row, $codes);
        $attributes = $further;
        $given = array_keys($further);
        foreach ($kind->columnList() as $column) {
            if ($column->attribute === '') {
                continue;
            }
            $value = $row->value($column->name);
            $attributes[$column->attribute] = $column->names !== null && $value !== null
                ? $codes->idOf($column->names->value, (string) $value)
                : $value;
            if ($row->has($column->name)) {
                $given[] = $column->attribute;
            }
        }

        return new DraftRow($row, $attributes, $given);
    }
}
