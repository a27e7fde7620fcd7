<?php

declare(strict_types=1);

namespace App\Exchange;

use UnexpectedValueException;

/** One line of an exchange file, its cells read; the texts as they were are kept for the report. */
final readonly class FileRow
{
    /**
     * @param  array<string, string|int|null>  $values  by column name, defaults filled in
     * @param  array<string, string>  $texts  by column name, only columns that the file has
     * @param  bool  $isComplete  whether every cell could be read; those that could not hold no value
     */
    public function __construct(
        public string $file,
        public int $line,
        private array $values,
        private array $texts,
        public bool $isComplete,
    ) {
    }

    /** @param  list<string>  $columns */
    public function hasValues(array $columns): bool
    {
        return array_filter($columns, fn (string $column): bool => $this->value($column) === null) === [];
    }

    public function has(string $column): bool
    {
        return array_key_exists($column, $this->texts);
    }

    public function value(string $column): string|int|null
    {
        return $this->values[$column] ?? null;
    }

    public function string(string $column): string
    {
        $value = $this->value($column);

        return is_string($value) ? $value : throw new UnexpectedValueException($column.' is no text');
    }

    public function stringOrNull(string $column): ?string
    {
        return $this->value($column) === null ? null : $this->string($column);
    }

    public function int(string $column): int
    {
        $value = $this->value($column);

        return is_int($value) ? $value : throw new UnexpectedValueException($column.' is no number');
    }

    public function problem(string $column, string $expected): FileProblem
    {
        return new FileProblem($this->file, $this->line, $column, $this->texts[$column] ?? null, $expected);
    }
}
