<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What scheduling programs say of a task besides its days and hours.
 *
 * @property int $id
 * @property int $task_id
 * @property string $wbs  its number in the work breakdown
 * @property bool $is_milestone
 */
final class TaskSchedule extends Model
{
    protected $table = 'task_schedules';

    public $timestamps = false;

    protected $fillable = ['task_id', 'wbs', 'is_milestone'];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_milestone' => 'boolean'];
    }
}
