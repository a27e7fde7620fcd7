<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Whom projects are for.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 */
final class Client extends Model
{
    public $timestamps = false;

    protected $fillable = ['code', 'name'];
}
