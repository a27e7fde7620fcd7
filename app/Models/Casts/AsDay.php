<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Moss\Core\Calendar\Day;
use UnexpectedValueException;

/**
 * A day, stored as `YYYY-MM-DD`.
 *
 * @implements CastsAttributes<Day, Day|string>
 */
final class AsDay implements CastsAttributes
{
    /** Nothing can change it, so that it need not be written back whenever it is read. */
    public bool $withoutObjectCaching = true;

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Day
    {
        return match (true) {
            $value === null => null,
            is_string($value) => Day::of($value),
            default => throw new UnexpectedValueException($key.' is no day'),
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value instanceof Day => $value->toString(),
            default => $value,
        };
    }
}
