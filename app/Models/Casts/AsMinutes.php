<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Moss\Core\Time\Minutes;
use UnexpectedValueException;

/**
 * A duration, stored in whole minutes.
 *
 * @implements CastsAttributes<Minutes, Minutes|int>
 */
final class AsMinutes implements CastsAttributes
{
    /** Nothing can change it, so that it need not be written back whenever it is read. */
    public bool $withoutObjectCaching = true;

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Minutes
    {
        return match (true) {
            $value === null => null,
            is_int($value) => Minutes::of($value),
            default => throw new UnexpectedValueException($key.' is no duration'),
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?int
    {
        return match (true) {
            $value instanceof Minutes => $value->toInt(),
            default => $value,
        };
    }
}
