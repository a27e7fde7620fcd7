<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Time\Minutes;

/**
 * By how much the forecast of a task changed in a week. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $task_id
 * @property string $week_end
 * @property Minutes $change_minutes
 * @property-read Task $task
 */
final class TaskForecast extends Model
{
    protected $table = 'task_forecasts';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['task_id', 'week_end', 'change_minutes'];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'change_minutes' => AsMinutes::class,
        ];
    }
}
