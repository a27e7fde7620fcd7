<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Formats\TextFormat;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DateLimits;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

/**
 * One kind of exchange file: its columns, its key, the table behind it, and what must hold between its cells.
 */
abstract class FileKind
{
    private const MOST_REMEMBERED = 5000;

    /** @var list<Column>|null once they are known */
    private ?array $columnList = null;

    /** @var array<int, array<array-key, string>> cells by column and value */
    private array $printedValues = [];

    /** @return literal-string the file's name without `.csv` */
    abstract public function name(): string;

    /** @return list<Column> in the order of the file */
    abstract public function columns(): array;

    /** @return list<string> the columns that make the key */
    abstract public function key(): array;

    /** @return list<string> the attributes that make the key in the table */
    abstract public function keyAttributes(): array;

    /** Everything of this kind, selected under the names of the columns, in the order of an export. */
    abstract public function exported(): Builder;

    /** @return list<Column> likewise, made once for all rows */
    final public function columnList(): array
    {
        return $this->columnList ??= $this->columns();
    }

    /** @return list<Column> the columns that an export has */
    public function exportedColumns(): array
    {
        return $this->columnList();
    }

    public function file(): string
    {
        return $this->name().'.csv';
    }

    /** @return literal-string */
    public function table(): string
    {
        return $this->name();
    }

    /** Whether an export leaves the file out where there is nothing of this kind. */
    public function isLeftOutWhenEmpty(): bool
    {
        return false;
    }

    /** @return list<string> the columns without which a row's code is not known */
    public function codeColumns(): array
    {
        return $this->key();
    }

    /** Gives the row's code its id, for kinds whose rows are known by one. */
    public function declare(FileRow $row, Codes $codes): void
    {
    }

    /**
     * Checks that need only the row itself and the codes; rows with a problem are not taken further.
     *
     * @return list<FileProblem>
     */
    public function check(FileRow $row, Codes $codes): array
    {
        return [];
    }

    /** @return array<string, string|int|null> attributes beside those that the columns name */
    public function further(FileRow $row, Codes $codes): array
    {
        return [];
    }

    /** @return array<string, string|int|null> attributes of a new row beside the others */
    public function initial(DraftRow $draft): array
    {
        return [];
    }

    /**
     * How many rows are taken over at once; kinds that must be seen as a whole say so with a number that none has.
     *
     * @return int<1, max>
     */
    public function rowsAtOnce(): int
    {
        return PHP_INT_MAX;
    }

    /**
     * The rows that are there already of those in the file.
     *
     * @param  non-empty-list<DraftRow>  $drafts
     */
    public function existing(array $drafts): Builder
    {
        return DB::table($this->table());
    }

    /**
     * Puts in what can only be known once what came before is written, for some rows at once.
     *
     * @param  list<DraftRow>  $drafts
     * @return array{list<DraftRow>, list<FileProblem>} those of which it is known, and what is wrong with the others
     */
    public function resolved(array $drafts): array
    {
        return [$drafts, []];
    }

    /**
     * The rows that have one of the drafts' keys, each found by an index on the first of its attributes.
     *
     * @param  non-empty-list<array<string, string|int|null>>  $keys  by attribute
     */
    final protected function having(array $keys): Builder
    {
        $names = $this->keyAttributes();

        return self::wanted($this->table(), $names, array_map(static fn (array $key): array => array_map(static fn (string $name): string|int|null => $key[$name] ?? null, $names), $keys));
    }

    /**
     * The rows of a table that have certain values together.
     *
     * @param  list<string>  $columns
     * @param  non-empty-list<list<string|int|null>>  $values  in the order of the columns
     */
    final protected static function wanted(string $table, array $columns, array $values): Builder
    {
        $query = DB::query()->fromRaw('json_each(?) AS wanted', [json_encode($values, JSON_THROW_ON_ERROR)])->crossJoin($table);
        foreach ($columns as $index => $name) {
            $query->whereRaw($table.'.'.$name.' IS (wanted.value ->> '.$index.')');
        }

        return $query->select($table.'.*');
    }

    /**
     * Makes room for what is written next where rows take something from each other.
     *
     * @param  list<array<string, string|int|null>>  $updates
     * @param  list<array<string, string|int|null>>  $originals
     */
    public function beforeWriting(array $updates, array $originals): void
    {
    }

    /** @return list<FileProblem> what must hold once everything of this kind is written */
    public function checkWritten(): array
    {
        return [];
    }

    /**
     * What must hold between the rows, and between a row and what is there already.
     *
     * @param  list<DraftRow>  $drafts
     * @param  array<string, array<string, string|int|null>>  $existing  by key
     * @return list<FileProblem>
     */
    public function checkAgainst(array $drafts, array $existing): array
    {
        return [];
    }

    /**
     * @param  array<string, string|int|null>  $existing
     * @return array<string, string|int|null> attributes to set beside the given ones where a row changes
     */
    public function onChange(array $existing): array
    {
        return [];
    }

    /** The column by whose days an export can be limited to a period; null where all rows are always exported. */
    public function periodColumn(): ?string
    {
        return null;
    }

    /**
     * @param  DayRange|null  $period  null for everything
     * @return iterable<list<string>> the cells of all rows of an export
     */
    public function exportedRows(?DayRange $period = null): iterable
    {
        foreach (Record::each($this->exportedIn($period)) as $record) {
            yield $this->printed($record->toArray());
        }
    }

    private function exportedIn(?DayRange $period): Builder
    {
        $column = $this->periodColumn();

        return $period === null || $column === null ? $this->exported() : $this->exported()->whereBetween($column, [$period->first()->toString(), $period->last()->toString()]);
    }

    /**
     * @param  array<string, string|int|null>  $row  by column
     * @return list<string> the cells of a row of an export
     */
    public function printed(array $row): array
    {
        $cells = [];
        foreach ($this->columnList() as $place => $column) {
            $value = $row[$column->name];
            $cells[] = match (true) {
                $value === null || $value === '' => '',
                $column->format instanceof TextFormat => $column->format->print($value),
                // Of other formats the same few values come again and again.
                default => $this->printedValues[$place][$value] ??= $column->format->print($value),
            };
            if (count($this->printedValues[$place] ?? []) > self::MOST_REMEMBERED) {
                $this->printedValues[$place] = [];
            }
        }

        return $cells;
    }

    /** @param  array<string, string|int|null>  $attributes */
    final public function keyOf(array $attributes): string
    {
        return implode("\x00", array_map(static fn (string $name): string => (string) ($attributes[$name] ?? ''), $this->keyAttributes()));
    }

    /** @return list<FileProblem> one if the plan of the row is longer than five years */
    final protected function checkLength(FileRow $row): array
    {
        $first = $row->stringOrNull('starts_on');
        $last = $row->stringOrNull('ends_on');

        return $first !== null && $last !== null && $first <= $last && DateLimits::isTooLong(DayRange::between(Day::of($first), Day::of($last)))
            ? [$row->problem('ends_on', ExchangeText::get('expected.plan_length', ['years' => DateLimits::LONGEST_PLAN_YEARS]))]
            : [];
    }

    /** @return list<FileProblem> one if the first day of the row is after its last */
    final protected function checkOrder(FileRow $row): array
    {
        $first = $row->stringOrNull('starts_on');
        $last = $row->stringOrNull('ends_on');

        return $first !== null && $last !== null && $last < $first
            ? [$row->problem('ends_on', ExchangeText::get('expected.not_before', ['day' => $first]))]
            : [];
    }
}
