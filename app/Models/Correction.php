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
 * What somebody proposes in the place of approved or settled time.
 *
 * @property int $id
 * @property int|null $entry_id
 * @property int $person_id
 * @property int $task_id
 * @property int|null $role_id
 * @property Day $date
 * @property int $proposed_by_id
 * @property string $proposed_at
 * @property Minutes $minutes_before
 * @property Minutes $minutes
 * @property string $reason
 * @property ProposalState $state
 * @property int|null $approver_id
 * @property int|null $decided_by_id
 * @property string|null $decided_at
 * @property string $comment
 * @property-read Entry|null $entry
 * @property-read Person $person
 * @property-read Task $task
 * @property-read Role|null $role
 * @property-read Person $proposedBy
 * @property-read Person|null $approver
 * @property-read Person|null $decidedBy
 */
final class Correction extends Model
{
    use IsProposed;

    protected $table = 'corrections';

    public $timestamps = false;

    protected $fillable = [
        'entry_id',
        'person_id',
        'task_id',
        'role_id',
        'date',
        'proposed_by_id',
        'proposed_at',
        'minutes_before',
        'minutes',
        'reason',
        'state',
        'approver_id',
        'decided_by_id',
        'decided_at',
        'comment',
    ];

    /** @return BelongsTo<Entry, $this> */
    public function entry(): BelongsTo
    {
        return $this->belongsTo(Entry::class);
    }

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

    /** @return BelongsTo<Role, $this> */
    public function role(): BelongsTo
    {
        return $this->belongsTo(Role::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function proposedBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function approver(): BelongsTo
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
            'date' => AsDay::class,
            'minutes_before' => AsMinutes::class,
            'minutes' => AsMinutes::class,
            'state' => ProposalState::class,
        ];
    }
}
