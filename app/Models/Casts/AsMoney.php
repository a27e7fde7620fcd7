<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Moss\Core\Money\Money;
use UnexpectedValueException;

/**
 * An amount of money, stored in whole cents.
 *
 * @implements CastsAttributes<Money, Money|int>
 */
final class AsMoney implements CastsAttributes
{
    /** Nothing can change it, so that it need not be written back whenever it is read. */
    public bool $withoutObjectCaching = true;

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Money
    {
        return match (true) {
            $value === null => null,
            is_int($value) => Money::ofCents($value),
            default => throw new UnexpectedValueException($key.' is no amount'),
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?int
    {
        return match (true) {
            $value instanceof Money => $value->cents(),
            default => $value,
        };
    }
}
