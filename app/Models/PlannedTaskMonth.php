<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * What is planned on a task in a month, whoever for: the sum of its weeks. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $task_id
 * @property Day $month  its first day
 * @property Minutes $planned_minutes
 * @property-read Task $task
 */
final class PlannedTaskMonth extends Model
{
    protected $table = 'planned_task_months';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['task_id', 'month', 'planned_minutes'];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['month' => AsDay::class, 'planned_minutes' => AsMinutes::class];
    }
}
