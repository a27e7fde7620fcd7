<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Time\Minutes;

/**
 * What remains for an assignee on a task; person and team 0 stand for unassigned hours. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $task_id
 * @property int $person_id
 * @property int $team_id
 * @property int $role_id
 * @property Minutes $remaining_minutes
 * @property-read Task $task
 */
final class AssigneeFigures extends Model
{
    protected $table = 'assignee_figures';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['task_id', 'person_id', 'team_id', 'role_id', 'remaining_minutes'];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['remaining_minutes' => AsMinutes::class];
    }
}
