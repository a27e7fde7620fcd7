<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Approved absence of a person on a day; without minutes, all that is expected.
 *
 * @property int $id
 * @property int $person_id
 * @property string $date
 * @property int|null $minutes
 * @property string $kind
 */
final class Absence extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
