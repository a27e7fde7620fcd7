<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Expenses of a person that belong together.
 *
 * @property int $id
 * @property int $person_id
 * @property string $name
 */
final class Trip extends Model
{
    protected $table = 'trips';

    public $timestamps = false;

    protected $fillable = ['person_id', 'name'];
}
