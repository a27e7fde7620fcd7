<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsWeek;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\HouseRules\Severity;

/**
 * What a house rule found when time was submitted, with the explanation of then.
 *
 * @property int $id
 * @property int $person_id
 * @property Week $week
 * @property string $rule
 * @property Severity $severity
 * @property int|null $task_id
 * @property int|null $role_id
 * @property Day|null $date
 * @property string $text_values  a JSON object of what the wording needs
 * @property string $explanation
 * @property-read Person $person
 * @property-read Task|null $task
 * @property-read Role|null $role
 */
final class SubmittedFinding extends Model
{
    public $timestamps = false;

    protected $table = 'findings';

    protected $fillable = [
        'person_id',
        'week',
        'rule',
        'severity',
        'task_id',
        'role_id',
        'date',
        'text_values',
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
            'severity' => Severity::class,
            'date' => AsDay::class,
        ];
    }
}
