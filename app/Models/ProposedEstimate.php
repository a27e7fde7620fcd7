<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody's remaining estimate of a task that waits for its project manager, or has waited.
 *
 * @property int $id
 * @property int $person_id
 * @property int $task_id
 * @property string $estimated_on
 * @property string $entered_at
 * @property int $entered_by_id
 * @property int $remaining_minutes
 * @property bool $done
 * @property string $reason
 * @property string $state  waiting, accepted, declined or withdrawn
 * @property int|null $decided_by_id
 * @property string|null $decided_at
 * @property string $comment
 * @property-read Person $person
 * @property-read Task $task
 */
final class ProposedEstimate extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['state' => 'waiting', 'comment' => ''];

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
