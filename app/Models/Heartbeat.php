<?php

declare(strict_types=1);

namespace App\Models;

/**
 * When a process in the background was last seen at work.
 *
 * @property string $name
 * @property string $at  UTC instant
 */
final class Heartbeat extends Model
{
    protected $table = 'heartbeats';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    protected $fillable = ['name', 'at'];
}
