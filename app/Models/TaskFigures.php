<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMinutes;
use App\Models\Casts\AsMoney;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * Figures of a task at completion that do not depend on the day on which one looks.
 *
 * @property int $task_id
 * @property int $project_id
 * @property Minutes $planned_minutes
 * @property Minutes $remaining_minutes
 * @property Minutes $over_assigned_minutes
 * @property Money $budget_cents
 * @property Minutes $actual_minutes
 * @property Minutes $pending_minutes
 * @property Money $actual_cents
 * @property Money $pending_cents
 * @property int $actual_unrated
 * @property int $pending_unrated
 * @property-read Task $task
 * @property-read Project $project
 */
final class TaskFigures extends Model
{
    protected $table = 'task_figures';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'task_id';

    protected $fillable = [
        'task_id',
        'project_id',
        'planned_minutes',
        'remaining_minutes',
        'over_assigned_minutes',
        'budget_cents',
        'actual_minutes',
        'pending_minutes',
        'actual_cents',
        'pending_cents',
        'actual_unrated',
        'pending_unrated',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'planned_minutes' => AsMinutes::class,
            'remaining_minutes' => AsMinutes::class,
            'over_assigned_minutes' => AsMinutes::class,
            'budget_cents' => AsMoney::class,
            'actual_minutes' => AsMinutes::class,
            'pending_minutes' => AsMinutes::class,
            'actual_cents' => AsMoney::class,
            'pending_cents' => AsMoney::class,
        ];
    }
}
