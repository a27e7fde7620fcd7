<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A public holiday of a calendar, for all or part of the day.
 *
 * @property int $id
 * @property int $calendar_id
 * @property string $date
 * @property string $name
 * @property string $part
 */
final class Holiday extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
