<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Formats\TextFormat;
use App\Support\Files\CsvFile;
use App\Support\Files\MalformedCsv;

/** Reads one exchange file row by row, noting everything that its cells have wrong. */
final class FileReading
{
    private const MOST_REMEMBERED = 5000;

    /** What else may stand between columns, and what is then said to be expected. */
    private const OTHER_SEPARATORS = [';' => 'not_semicolons', "\t" => 'not_tabs'];

    /** @var array<string, array<array-key, string|int>> what texts are read as, by column */
    private array $known = [];

    /**
     * @param  bool  $mustBeUnique  whether rows with the key of an earlier one are noted and left out
     */
    public function __construct(private readonly FileKind $kind, private readonly FileProblems $problems, private readonly bool $mustBeUnique = true)
    {
    }

    /**
     * @param  resource  $stream
     * @return iterable<FileRow> also those with a cell that cannot be read, so that others may refer to them
     */
    public function rows($stream): iterable
    {
        $names = null;
        $lineOfKey = [];
        try {
            foreach (CsvFile::read($stream) as [$line, $cells]) {
                if (! mb_check_encoding(implode(',', $cells), 'UTF-8')) {
                    $this->problems->addWhole($this->problem($line, null, mb_convert_encoding(implode(',', $cells), 'UTF-8', 'ISO-8859-1'), ExchangeText::get('expected.utf8')));

                    return;
                }
                if ($names === null) {
                    $names = $cells;
                    if (! $this->isHeader($names)) {
                        return;
                    }

                    continue;
                }
                $row = $this->row($line, $names, $cells);
                if ($row !== null && (! $row->isComplete || ! $this->mustBeUnique || $this->isFirst($row, $lineOfKey))) {
                    yield $row;
                }
            }
        } catch (MalformedCsv $malformed) {
            $this->problems->addWhole($this->problem($malformed->at, null, null, ExchangeText::get('expected.'.$malformed->expected)));

            return;
        }
        if ($names === null) {
            $this->problems->addWhole($this->problem(1, null, null, ExchangeText::get('expected.header')));
        }
    }

    /** @param  list<string>  $names */
    private function isHeader(array $names): bool
    {
        // Spreadsheets of some countries write another separator, of which everything else that is wrong would come.
        foreach (count($names) === 1 ? self::OTHER_SEPARATORS : [] as $separator => $called) {
            if (str_contains($names[0], $separator)) {
                $this->problems->addWhole($this->problem(1, null, $names[0], ExchangeText::get('expected.'.$called)));

                return false;
            }
        }
        $known = array_map(static fn (Column $column): string => $column->name, $this->kind->columnList());
        $found = 0;
        foreach ($names as $index => $name) {
            if (! in_array($name, $known, true)) {
                $found++;
                $this->problems->addWhole($this->problem(1, null, $name, ExchangeText::get('expected.columns', ['columns' => implode(', ', $known)])));
            } elseif (array_search($name, $names, true) !== $index) {
                $found++;
                $this->problems->addWhole($this->problem(1, $name, null, ExchangeText::get('expected.once')));
            }
        }
        foreach ($this->kind->columnList() as $column) {
            if ($column->isRequired && ! in_array($column->name, $names, true)) {
                $found++;
                $this->problems->addWhole($this->problem(1, $column->name, null, ExchangeText::get('expected.column')));
            }
        }

        return $found === 0;
    }

    /**
     * @param  list<string>  $names
     * @param  list<string>  $cells
     */
    private function row(int $line, array $names, array $cells): ?FileRow
    {
        if (count($cells) !== count($names)) {
            $expected = ExchangeText::get('expected.cells', ['expected' => count($names), 'found' => count($cells)]);
            $this->problems->add($this->problem($line, null, null, $expected));

            return null;
        }
        $texts = array_combine($names, $cells);
        $values = [];
        $isComplete = true;
        foreach ($this->kind->columnList() as $column) {
            $text = $texts[$column->name] ?? '';
            try {
                $values[$column->name] = $this->value($column, $text);
            } catch (Unreadable $unreadable) {
                $isComplete = false;
                $this->problems->add($this->problem($line, $column->name, $text, $unreadable->expected));
            }
        }

        return new FileRow($this->kind->file(), $line, $values, $texts, $isComplete);
    }

    private function value(Column $column, string $text): string|int|null
    {
        // But for texts, the same few come again and again.
        $known = $this->known[$column->name][$text] ?? null;
        if ($known !== null) {
            return $known;
        }
        if (trim($text, ' ') === '') {
            return $column->isRequired ? throw Unreadable::expected('value') : $column->default;
        }
        if ($column->format instanceof TextFormat) {
            return $column->format->read($text);
        }
        if (count($this->known[$column->name] ?? []) > self::MOST_REMEMBERED) {
            $this->known[$column->name] = [];
        }

        return $this->known[$column->name][$text] = $column->format->read($text);
    }

    /** @param  array<string, int>  $lineOfKey */
    private function isFirst(FileRow $row, array &$lineOfKey): bool
    {
        $key = implode("\x00", array_map(static fn (string $column): string => (string) $row->value($column), $this->kind->key()));
        // The keys of a large file are many: their hashes are enough to tell them apart.
        $hash = hash('xxh128', $key, true);
        if (isset($lineOfKey[$hash])) {
            $expected = ExchangeText::get('expected.unique', ['key' => implode(' + ', $this->kind->key()), 'line' => $lineOfKey[$hash]]);
            $this->problems->add($this->problem($row->line, null, str_replace("\x00", ' ', $key), $expected));

            return false;
        }
        $lineOfKey[$hash] = $row->line;

        return true;
    }

    private function problem(int $line, ?string $column, ?string $value, string $expected): FileProblem
    {
        return new FileProblem($this->kind->file(), $line, $column, $value, $expected);
    }
}
