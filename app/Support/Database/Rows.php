<?php

declare(strict_types=1);

namespace App\Support\Database;

use BackedEnum;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\LazyCollection;
use Illuminate\Support\Str;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;
use ReflectionClass;
use ReflectionNamedType;
use stdClass;
use UnexpectedValueException;

/**
 * Rows of a query as objects of a class: each parameter of its constructor takes the column of its name, in the core's
 * values where it says so. A parameter that is itself such a class takes what it needs of the same row.
 */
final class Rows
{
    /** @var array<class-string, list<array{string, string, bool, class-string|null}>> column, type, whether it may be null, and the class that takes what it needs of the same row, by class */
    private static array $parameters = [];

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  Builder|EloquentBuilder<covariant \Illuminate\Database\Eloquent\Model>  $query
     * @return list<T>
     */
    public static function of(string $class, Builder|EloquentBuilder $query): array
    {
        $rows = [];
        foreach (($query instanceof EloquentBuilder ? $query->toBase() : $query)->get() as $row) {
            $rows[] = self::row($class, (array) $row);
        }

        return $rows;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return LazyCollection<int, T> one at a time, for results too large to hold
     */
    public static function each(string $class, Builder $query): LazyCollection
    {
        return $query->cursor()->map(static fn (stdClass $row): object => self::row($class, (array) $row))->values();
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  array<array-key, mixed>  $values
     * @return T
     */
    private static function row(string $class, array $values): object
    {
        $arguments = [];
        foreach (self::$parameters[$class] ??= self::parameters($class) as [$column, $type, $mayBeNull, $part]) {
            if ($part !== null) {
                $arguments[] = self::row($part, $values);

                continue;
            }
            $value = $values[$column] ?? null;
            if ($value === null && ! array_key_exists($column, $values)) {
                throw new UnexpectedValueException('no column '.$column);
            }
            // Of thousands of rows, most values are what they should be.
            $isReady = $value === null ? $mayBeNull : ($type === 'string' ? is_string($value) : $type === 'int' && is_int($value));
            $arguments[] = $isReady ? $value : self::value($type, $value, $column);
        }

        return new $class(...$arguments);
    }

    private static function value(string $type, mixed $value, string $column): mixed
    {
        return match (true) {
            $type === 'int' && is_numeric($value) => (int) $value,
            $type === 'string' && (is_string($value) || is_int($value)) => (string) $value,
            $type === 'bool' && is_numeric($value) => (int) $value !== 0,
            $type === Day::class && is_string($value) => Day::of($value),
            $type === Minutes::class && is_numeric($value) => Minutes::of((int) $value),
            is_a($type, BackedEnum::class, true) && (is_string($value) || is_int($value)) => $type::from($value),
            default => throw new UnexpectedValueException($column.' is no '.$type),
        };
    }

    /**
     * @param  class-string  $class
     * @return list<array{string, string, bool, class-string|null}>
     */
    private static function parameters(string $class): array
    {
        $parameters = [];
        foreach ((new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $type = $parameter->getType();
            if (! $type instanceof ReflectionNamedType) {
                throw new UnexpectedValueException('no plain type: '.$parameter->getName());
            }
            $name = $type->getName();
            $isPart = ! in_array($name, [Day::class, Minutes::class], true) && class_exists($name) && ! enum_exists($name);
            $parameters[] = [Str::snake($parameter->getName()), $name, $type->allowsNull(), $isPart ? $name : null];
        }

        return $parameters;
    }
}
