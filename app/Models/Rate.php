<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Cost and bill rate of a person, a role, or both, from a day on.
 *
 * @property int $id
 * @property int|null $person_id
 * @property int|null $role_id
 * @property string $starts_on
 * @property string $cost_rate
 * @property string|null $bill_rate
 */
final class Rate extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
