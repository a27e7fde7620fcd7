<?php

declare(strict_types=1);

namespace App\Support\Database;

use Closure;
use Illuminate\Contracts\Database\Query\Expression;
use Illuminate\Database\Grammar;

/**
 * What queries say beyond Laravel's own words, over columns by their names. What engines have different words for is here and
 * nowhere else.
 */
final readonly class Sql implements Expression
{
    /** @param  Closure(Closure(string): string): string  $made  of a function that quotes names */
    private function __construct(private Closure $made)
    {
    }

    public static function count(?string $alias = null): self
    {
        return self::as($alias, static fn (): string => 'count(*)');
    }

    /** How many rows there are in all, also beyond the limit of a result. */
    public static function countOfAll(?string $alias = null): self
    {
        return self::as($alias, static fn (): string => 'count(*) OVER ()');
    }

    /** What a column comes to in all rows, also beyond the limit of a result. */
    public static function sumOfAll(string $column, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'sum('.$name($column).') OVER ()');
    }

    /** Whether there is any row. */
    public static function exists(?string $alias = null): self
    {
        return self::as($alias, static fn (): string => 'count(*) > 0');
    }

    /** In how many rows there is a value. */
    public static function held(string $column, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'count('.$name($column).')');
    }

    /** How many different values there are. */
    public static function different(string $column, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'count(DISTINCT '.$name($column).')');
    }

    /** Null where there is no row. */
    public static function sum(string $column, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'sum('.$name($column).')');
    }

    /**
     * Zero where there is no row.
     *
     * @param  string|non-empty-list<string>  $columns  of several, their sums together
     */
    public static function total(string|array $columns, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'coalesce(sum('.implode(' + ', array_map($name, (array) $columns)).'), 0)');
    }

    /** Two columns together. */
    public static function both(string $one, string $other, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => $name($one).' + '.$name($other));
    }

    public static function min(string $column, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'min('.$name($column).')');
    }

    public static function max(string $column, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'max('.$name($column).')');
    }

    /**
     * The first of the columns that is not null.
     *
     * @param  non-empty-list<string>  $columns
     * @param  string|int|null  $none  where all are
     */
    public static function first(array $columns, ?string $alias = null, string|int|null $none = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'coalesce('.implode(', ', [...array_map($name, $columns), ...($none === null ? [] : [self::quoted($none)])]).')');
    }

    /**
     * The first of the columns that is neither null nor a certain value; where there is none, that value.
     *
     * @param  non-empty-list<string>  $columns
     */
    public static function firstBut(int $value, array $columns, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'coalesce('.implode(', ', array_map(static fn (string $column): string => 'nullif('.$name($column).', '.$value.')', $columns)).', '.$value.')');
    }

    /** A number; where that is 0, another with its sign changed, by which one tells which of the two it is. */
    public static function numberOrElse(string $column, string $other, string $alias): self
    {
        return self::as($alias, static fn (Closure $name): string => 'CASE WHEN '.$name($column).' <> 0 THEN '.$name($column).' ELSE -'.$name($other).' END');
    }

    /** The first day of a day's month. */
    public static function month(string $column, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'substr('.$name($column).", 1, 8) || '01'");
    }

    /** The first day of the half month in which a day lies: the 1st or the 16th. */
    public static function halfMonth(string $column, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'substr('.$name($column).', 1, 8) || CASE WHEN substr('.$name($column).", 9) < '16' THEN '01' ELSE '16' END");
    }

    /** The Monday of a day's week. */
    public static function monday(string $column, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'date('.$name($column).", 'weekday 0', '-6 days')");
    }

    /**
     * Texts one after the other.
     *
     * @param  non-empty-list<string>  $columns
     */
    public static function joined(array $columns, string $between, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => implode(' || '.self::quoted($between).' || ', array_map($name, $columns)));
    }

    /** The sum of one column times another; null where there is no row, and where the first alone does not add up to a third. */
    public static function weighed(string $column, string $weight, string $whole, string $alias): self
    {
        return self::as($alias, static fn (Closure $name): string => 'CASE WHEN sum('.$name($column).') = '.$name($whole).' THEN sum('.$name($column).' * '.$name($weight).') END');
    }

    /** A column to compare another with, where a value is expected. */
    public static function column(string $column): self
    {
        return self::as(null, static fn (Closure $name): string => $name($column));
    }

    /** To order by: rows without a value after those with one. */
    public static function isNull(string $column): self
    {
        return self::as(null, static fn (Closure $name): string => $name($column).' is null');
    }

    /** A field of a JSON object. */
    public static function field(string $column, string $field, ?string $alias = null): self
    {
        return self::as($alias, static fn (Closure $name): string => 'json_extract('.$name($column).', '.self::quoted('$.'.$field).')');
    }

    /**
     * Of several rows a JSON object, in which one column names what the other holds; null where there is no row.
     *
     * @param  non-empty-list<string>  $names  the first that is not null
     */
    public static function object(array $names, string $values, string $alias): self
    {
        $named = static fn (Closure $name): string => count($names) === 1 ? $name($names[0]) : 'coalesce('.implode(', ', array_map($name, $names)).')';

        return self::as($alias, static fn (Closure $name): string => 'CASE WHEN count(*) > 0 THEN json_group_object('.$named($name).', '.$name($values).') END');
    }

    /** Of several rows a JSON list of what a column holds. */
    public static function list(string $column, string $alias): self
    {
        return self::as($alias, static fn (Closure $name): string => 'json_group_array('.$name($column).')');
    }

    /** To read from: the rows of a table once for each value of a JSON list that a column holds, with that as `value`. */
    public static function listed(string $table, string $column): self
    {
        return self::as(null, static fn (Closure $name): string => $name($table).', json_each('.$name($table.'.'.$column).')');
    }

    /** A whole number divided by another, rounded down. */
    public static function quotient(string $column, int $divisor): self
    {
        return self::as(null, static fn (Closure $name): string => $name($column).' / '.$divisor);
    }

    /** What is left of a whole number after a division. */
    public static function remainder(string $column, int $divisor): self
    {
        return self::as(null, static fn (Closure $name): string => $name($column).' % '.$divisor);
    }

    /** Nothing, where other rows of the same class have something. */
    public static function none(string $alias): self
    {
        return self::as($alias, static fn (): string => 'NULL');
    }

    /** The same number in every row. */
    public static function number(int $number, string $alias): self
    {
        return self::as($alias, static fn (): string => (string) $number);
    }

    /** The same text in every row. */
    public static function text(string $text, string $alias): self
    {
        return self::as($alias, static fn (): string => self::quoted($text));
    }

    /** A value written into the query: the engine then sees that an index of some rows only has all that are asked for. */
    public static function value(string|int $value): self
    {
        return self::as(null, static fn (): string => self::quoted($value));
    }

    public function getValue(Grammar $grammar): string
    {
        return ($this->made)(static fn (string $column): string => (string) $grammar->wrap($column));
    }

    /** @param  Closure(Closure(string): string): string  $made */
    private static function as(?string $alias, Closure $made): self
    {
        if ($alias === null) {
            return new self($made);
        }

        return new self(
            /** @param  Closure(string): string  $name */
            static fn (Closure $name): string => $made($name).' as '.$name($alias),
        );
    }

    private static function quoted(string|int $value): string
    {
        return is_int($value) ? (string) $value : "'".str_replace("'", "''", $value)."'";
    }
}
