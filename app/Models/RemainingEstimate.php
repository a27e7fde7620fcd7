<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Somebody's remaining estimate of a task from a day on.
 *
 * @property int $id
 * @property int $person_id
 * @property int $task_id
 * @property Day $estimated_on
 * @property Minutes $remaining_minutes
 * @property string $reason
 * @property bool $done
 * @property string|null $entered_at
 * @property int|null $entered_by_id
 * @property-read Person $person
 * @property-read Task $task
 * @property-read Person|null $enteredBy
 */
final class RemainingEstimate extends Model
{
    protected $table = 'remaining_estimates';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'task_id',
        'estimated_on',
        'remaining_minutes',
        'reason',
        'done',
        'entered_at',
        'entered_by_id',
    ];

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

    /** @return BelongsTo<Person, $this> */
    public function enteredBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'estimated_on' => AsDay::class,
            'remaining_minutes' => AsMinutes::class,
            'done' => 'boolean',
        ];
    }
}
