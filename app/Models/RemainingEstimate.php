<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody's remaining estimate of a task from a day on.
 *
 * @property int $id
 * @property int $person_id
 * @property int $task_id
 * @property string $estimated_on
 * @property int $remaining_minutes
 * @property string $reason
 * @property bool $done
 * @property-read Person $person
 * @property-read Task $task
 */
final class RemainingEstimate extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'done' => 'boolean',
        ];
    }
}
