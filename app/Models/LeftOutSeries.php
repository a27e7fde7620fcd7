<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Appointments that a person never wants pencilled.
 *
 * @property int $id
 * @property int $person_id
 * @property string $series
 * @property string $title
 */
final class LeftOutSeries extends Model
{
    public $timestamps = false;

    protected $table = 'left_out_series';

    protected $fillable = ['person_id', 'series', 'title'];
}
