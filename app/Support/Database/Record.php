<?php

declare(strict_types=1);

namespace App\Support\Database;

use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\LazyCollection;
use stdClass;
use UnexpectedValueException;

/**
 * A row of a query with typed access to its columns, for read models that need no model.
 */
final readonly class Record
{
    /** @param  array<array-key, mixed>  $values */
    private function __construct(private array $values)
    {
    }

    /**
     * @param  Builder|EloquentBuilder<covariant \Illuminate\Database\Eloquent\Model>  $query
     * @return list<self>
     */
    public static function all(Builder|EloquentBuilder $query): array
    {
        $records = [];
        foreach (($query instanceof EloquentBuilder ? $query->toBase() : $query)->get() as $row) {
            $records[] = new self((array) $row);
        }

        return $records;
    }

    /** @return LazyCollection<int, self> one at a time, for results too large to hold */
    public static function each(Builder $query): LazyCollection
    {
        return $query->cursor()->map(static fn (stdClass $row): self => new self((array) $row))->values();
    }

    /**
     * @param  array<string, string|int|null>  $values
     * @return self with other values in some columns, or in new ones
     */
    public function with(array $values): self
    {
        return new self([...$this->values, ...$values]);
    }

    /** @return array<string, string|int|null> some columns */
    public function only(string ...$columns): array
    {
        return array_intersect_key($this->toArray(), array_flip($columns));
    }

    public function string(string $column): string
    {
        return $this->stringOrNull($column) ?? throw new UnexpectedValueException($column.' is null');
    }

    public function stringOrNull(string $column): ?string
    {
        $value = $this->value($column);

        return match (true) {
            $value === null => null,
            is_string($value) || is_int($value) => (string) $value,
            default => throw new UnexpectedValueException($column.' is no text'),
        };
    }

    public function int(string $column): int
    {
        return $this->intOrNull($column) ?? throw new UnexpectedValueException($column.' is null');
    }

    public function intOrNull(string $column): ?int
    {
        $value = $this->value($column);

        return match (true) {
            $value === null => null,
            is_int($value) => $value,
            is_string($value) && is_numeric($value) => (int) $value,
            default => throw new UnexpectedValueException($column.' is no number'),
        };
    }

    public function bool(string $column): bool
    {
        return $this->int($column) !== 0;
    }

    public function scalar(string $column): string|int|null
    {
        $value = $this->value($column);

        return $value === null || is_int($value) ? $value : $this->string($column);
    }

    /** @return array<string, string|int|null> */
    public function toArray(): array
    {
        $values = [];
        foreach (array_keys($this->values) as $column) {
            $values[(string) $column] = $this->scalar((string) $column);
        }

        return $values;
    }

    private function value(string $column): mixed
    {
        if (! array_key_exists($column, $this->values)) {
            throw new UnexpectedValueException('no column '.$column);
        }

        return $this->values[$column];
    }
}
