<?php

declare(strict_types=1);

namespace App\Models;

/**
 * From when to when a timer ran without a pause.
 *
 * @property int $id
 * @property int $timer_id
 * @property string $started_at  a UTC instant
 * @property string|null $ended_at  null while it runs
 */
final class TimerRun extends Model
{
    protected $table = 'timer_runs';

    public $timestamps = false;

    protected $fillable = ['timer_id', 'started_at', 'ended_at'];
}
