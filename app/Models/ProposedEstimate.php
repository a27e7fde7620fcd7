<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use App\Models\Concerns\IsProposed;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Somebody's remaining estimate of a task that waits for its project manager, or has waited.
 *
 * @property int $id
 * @property int $person_id
 * @property int $task_id
 * @property Day $estimated_on
 * @property string $entered_at
 * @property int $entered_by_id
 * @property Minutes $remaining_minutes
 * @property bool $done
 * @property string $reason
 * @property ProposalState $state  waiting, accepted, declined or withdrawn
 * @property int|null $decided_by_id
 * @property string|null $decided_at
 * @property string $comment
 * @property-read Person $person
 * @property-read Task $task
 * @property-read Person $enteredBy
 * @property-read Person|null $decidedBy
 */
final class ProposedEstimate extends Model
{
    use IsProposed;

    protected $table = 'proposed_estimates';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'task_id',
        'estimated_on',
        'entered_at',
        'entered_by_id',
        'remaining_minutes',
        'done',
        'reason',
        'state',
        'decided_by_id',
        'decided_at',
        'comment',
    ];

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

    /** @return BelongsTo<Person, $this> */
    public function enteredBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function decidedBy(): BelongsTo
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
            'state' => ProposalState::class,
        ];
    }
}
