<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a person does on a task; picks the rates.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 */
final class Role extends Model
{
    public $timestamps = false;

    protected $fillable = ['code', 'name'];
}
