<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsWeek;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/**
 * What a person chose about a line or a cell of one week, beside what is recorded there.
 *
 * @property int $id
 * @property int $person_id
 * @property Week $week
 * @property int $task_id
 * @property int|null $role_id
 * @property Day|null $date
 * @property SheetChoiceKind $choice
 * @property-read Person $person
 * @property-read Task $task
 * @property-read Role|null $role
 */
final class SheetChoice extends Model
{
    protected $table = 'sheet_choices';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'week',
        'task_id',
        'role_id',
        'date',
        'choice',
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
            'choice' => SheetChoiceKind::class,
        ];
    }
}
