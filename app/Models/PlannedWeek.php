<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * What is planned for an assignee on a task in a week part, by weekday; person, team and role 0 for none. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $task_id
 * @property int $person_id
 * @property int $team_id
 * @property int $role_id
 * @property Day $starts_on
 * @property Minutes $planned_minutes
 * @property int $monday
 * @property int $tuesday
 * @property int $wednesday
 * @property int $thursday
 * @property int $friday
 * @property int $saturday
 * @property int $sunday
 * @property-read Task $task
 */
final class PlannedWeek extends Model
{
    protected $table = 'planned_weeks';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = [
        'task_id',
        'person_id',
        'team_id',
        'role_id',
        'starts_on',
        'planned_minutes',
        'monday',
        'tuesday',
        'wednesday',
        'thursday',
        'friday',
        'saturday',
        'sunday',
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
            'starts_on' => AsDay::class,
            'planned_minutes' => AsMinutes::class,
        ];
    }
}
