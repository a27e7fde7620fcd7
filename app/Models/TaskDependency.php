<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Schedule\DependencyKind;

/**
 * That a task waits for another.
 *
 * @property int $id
 * @property int $task_id
 * @property int $predecessor_id
 * @property DependencyKind $kind
 * @property int $lag  days
 * @property-read Task $predecessor
 */
final class TaskDependency extends Model
{
    protected $table = 'task_dependencies';

    public $timestamps = false;

    protected $fillable = ['task_id', 'predecessor_id', 'kind', 'lag'];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function predecessor(): BelongsTo
    {
        return $this->belongsTo(Task::class, 'predecessor_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => DependencyKind::class, 'lag' => 'integer'];
    }
}
