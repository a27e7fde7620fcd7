<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Contents of a file, stored as base64.
 *
 * @implements CastsAttributes<string, string>
 */
final class AsBytes implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): string
    {
        return is_string($value) ? (string) base64_decode($value, true) : '';
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return base64_encode(is_string($value) ? $value : '');
    }
}
