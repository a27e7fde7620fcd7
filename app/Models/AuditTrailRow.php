<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * A line of the audit trail as it is stored. Lines are only ever added.
 *
 * @property int $id
 * @property string $at
 * @property int|null $actor_id
 * @property int|null $on_behalf_of_id
 * @property string $act
 * @property int|null $person_id
 * @property int|null $task_id
 * @property Day|null $date
 * @property string|null $before
 * @property string|null $after
 * @property string $why
 * @property string $subject
 * @property string $name
 * @property string $hash
 * @property-read Person|null $actor
 * @property-read Person|null $onBehalfOf
 * @property-read Person|null $person
 * @property-read Task|null $task
 */
final class AuditTrailRow extends Model
{
    public $timestamps = false;

    protected $table = 'audit_trail';

    protected $fillable = [
        'at',
        'actor_id',
        'on_behalf_of_id',
        'act',
        'person_id',
        'task_id',
        'date',
        'before',
        'after',
        'why',
        'subject',
        'name',
        'hash',
    ];

    /** @return BelongsTo<Person, $this> */
    public function actor(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function onBehalfOf(): BelongsTo
    {
        return $this->belongsTo(Person::class);
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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'date' => AsDay::class,
        ];
    }
}
