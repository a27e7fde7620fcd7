<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Sheet\EntryState;

/**
 * Minutes of one person on one day on one line.
 *
 * @property int $id
 * @property int $person_id
 * @property int $task_id
 * @property int|null $role_id
 * @property string $date
 * @property int $minutes
 * @property EntryState $state
 * @property bool|null $billable
 * @property string $note
 * @property string $client_note
 * @property string|null $corrects
 * @property int|null $approver_id
 * @property int $approvals
 * @property int|null $last_decided_by_id
 * @property string|null $return_comment
 * @property int|null $recorded_by_id
 * @property int $version
 * @property-read Person $person
 * @property-read Task $task
 * @property-read Role|null $role
 */
final class Entry extends Model
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

    /** @return BelongsTo<Role, $this> */
    public function role(): BelongsTo
    {
        return $this->belongsTo(Role::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => EntryState::class,
            'billable' => 'boolean',
        ];
    }
}
