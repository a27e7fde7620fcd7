<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A code that a part of a client's charge codes may have.
 *
 * @property int $id
 * @property int $client_id
 * @property int $number  of the part
 * @property string $code
 * @property string $name
 * @property bool $is_retired
 */
final class ChargeCodeValue extends Model
{
    protected $table = 'charge_code_values';

    public $timestamps = false;

    protected $fillable = ['client_id', 'number', 'code', 'name', 'is_retired'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_retired' => 'boolean'];
    }
}
