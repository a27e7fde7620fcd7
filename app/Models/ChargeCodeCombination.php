<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Codes that go together in the charge codes of a client.
 *
 * @property int $id
 * @property int $client_id
 * @property string $codes  one for each part, `*` for any, with spaces between
 */
final class ChargeCodeCombination extends Model
{
    protected $table = 'charge_code_combinations';

    public $timestamps = false;

    protected $fillable = ['client_id', 'codes'];
}
