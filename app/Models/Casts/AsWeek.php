<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Moss\Core\Calendar\Week;
use UnexpectedValueException;

/**
 * A week, stored as `YYYY-Www`.
 *
 * @implements CastsAttributes<Week, Week|string>
 */
final class AsWeek implements CastsAttributes
{
    /** Nothing can change it, so that it need not be written back whenever it is read. */
    public bool $withoutObjectCaching = true;

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Week
    {
        return match (true) {
            $value === null => null,
            is_string($value) => Week::of($value),
            default => throw new UnexpectedValueException($key.' is no week'),
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value instanceof Week => $value->toString(),
            default => $value,
        };
    }
}
