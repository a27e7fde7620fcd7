<?php

declare(strict_types=1);

namespace App\Models;

/**
 * The charge code that somebody chose for a line of their weeks.
 *
 * @property int $id
 * @property int $person_id
 * @property int $task_id
 * @property int|null $role_id
 * @property string $charge_code
 */
final class LineChargeCode extends Model
{
    protected $table = 'line_charge_codes';

    public $timestamps = false;

    protected $fillable = ['person_id', 'task_id', 'role_id', 'charge_code'];
}
