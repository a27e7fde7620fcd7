<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** Takes some rows of a file over into its table: finds which are new, changed or the same, and writes in bulk. */
final readonly class FileKindChange
{
    /**
     * @param  list<array<string, string|int|null>>  $inserts
     * @param  list<array<string, string|int|null>>  $updates  whole rows, with their id
     * @param  list<array<string, string|int|null>>  $originals  the same rows as they were
     */
    private function __construct(public FileKind $kind, public array $inserts, public array $updates, public array $originals, public int $same)
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
        foreach (array_chunk($this->inserts, 500) as $chunk) {
            DB::table($this->kind->table())->insert($chunk);
        }
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
        // Several settings of the organisation fall on its one row, so each change is laid over the one before.
        foreach ($drafts as $draft) {
            $key = $kind->keyOf($draft->attributes);
            $known = $existing[$key] ?? null;
            if ($known === null) {
                $inserts[] = $draft->attributes + $kind->initial($draft);
            } elseif (self::differs($draft->givenAttributes(), $known)) {
                $originals[$key] ??= $known;
                $existing[$key] = $draft->givenAttributes() + $kind->onChange($known) + $known;
                $updates[$key] = $existing[$key];
            } else {
                $same++;
            }
        }

        return new self($kind, $inserts, array_values($updates), array_values($originals), $same);
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
