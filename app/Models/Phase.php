<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A part of a project that groups tasks.
 *
 * @property int $id
 * @property int $project_id
 * @property string $name
 */
final class Phase extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
