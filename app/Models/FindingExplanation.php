<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsWeek;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/**
 * The explanation with which a person answers what a house rule asks about their week.
 *
 * @property int $id
 * @property int $person_id
 * @property Week $week
 * @property string $rule
 * @property int|null $task_id
 * @property int|null $role_id
 * @property Day|null $date
 * @property string $explanation
 * @property-read Person $person
 * @property-read Task|null $task
 * @property-read Role|null $role
 */
final class FindingExplanation extends Model
{
    protected $table = 'finding_explanations';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'week',
        'rule',
        'task_id',
        'role_id',
        'date',
        'explanation',
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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'week' => AsWeek::class,
            'date' => AsDay::class,
        ];
    }
}
