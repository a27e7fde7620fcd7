<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use App\Models\Concerns\LiesOnDay;
use Database\Factories\EntryFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/**
 * Minutes of one person on one day on one line.
 *
 * @property int $id
 * @property int $person_id
 * @property int $task_id
 * @property int|null $role_id
 * @property Day $date
 * @property Minutes $minutes
 * @property EntryState $state
 * @property bool|null $billable
 * @property string $note
 * @property string $client_note
 * @property string|null $charge_code  its own; null where that of its task holds
 * @property Day|null $corrects
 * @property int|null $approver_id
 * @property int $approvals
 * @property int|null $last_decided_by_id
 * @property string|null $return_comment
 * @property int|null $recorded_by_id
 * @property int $version
 * @property bool $needs_attention
 * @property-read Person $person
 * @property-read Task $task
 * @property-read Role|null $role
 * @property-read Person|null $approver
 * @property-read Person|null $lastDecidedBy
 * @property-read Person|null $recordedBy
 * @property-read Collection<int, OwnFieldValue> $ownFieldValues
 */
final class Entry extends Model
{
    /** @use HasFactory<EntryFactory> */
    use HasFactory;

    use LiesOnDay;

    protected $table = 'entries';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'task_id',
        'role_id',
        'date',
        'minutes',
        'state',
        'billable',
        'note',
        'client_note',
        'charge_code',
        'corrects',
        'approver_id',
        'approvals',
        'last_decided_by_id',
        'return_comment',
        'recorded_by_id',
        'version',
        'needs_attention',
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

    /** @return BelongsTo<Role, $this> */
    public function role(): BelongsTo
    {
        return $this->belongsTo(Role::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function approver(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function lastDecidedBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function recordedBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasMany<OwnFieldValue, $this> */
    public function ownFieldValues(): HasMany
    {
        return $this->hasMany(OwnFieldValue::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'date' => AsDay::class,
            'minutes' => AsMinutes::class,
            'state' => EntryState::class,
            'billable' => 'boolean',
            'corrects' => AsDay::class,
            'needs_attention' => 'boolean',
        ];
    }
}
