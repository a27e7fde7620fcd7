<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A part of the charge codes that a client composes.
 *
 * @property int $id
 * @property int $client_id
 * @property int $number  from 1 on
 * @property string $name
 */
final class ChargeCodePart extends Model
{
    protected $table = 'charge_code_parts';

    public $timestamps = false;

    protected $fillable = ['client_id', 'number', 'name'];
}
