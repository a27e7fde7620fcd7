<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * What was planned for an assignee from a day on, until the next; person and team 0 for the task itself. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $task_id
 * @property int $person_id
 * @property int $team_id
 * @property Day $starting_on
 * @property Minutes $minutes
 * @property-read Task $task
 */
final class PlanStep extends Model
{
    protected $table = 'plan_steps';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = [
        'task_id',
        'person_id',
        'team_id',
        'starting_on',
        'minutes',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starting_on' => AsDay::class,
            'minutes' => AsMinutes::class,
        ];
    }
}
