<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Who decides in an absent approver's place, for a time.
 *
 * @property int $id
 * @property int $person_id
 * @property int $stand_in_id
 * @property string $starts_on
 * @property string $ends_on
 */
final class StandIn extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
