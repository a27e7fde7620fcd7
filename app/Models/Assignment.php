<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Database\Factories\AssignmentFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * A person or a team on a task, in a role, with planned minutes over days.
 *
 * @property int $id
 * @property int $task_id
 * @property int|null $person_id
 * @property int|null $team_id
 * @property int|null $role_id
 * @property Minutes $planned_minutes
 * @property Day $starts_on
 * @property Day $ends_on
 * @property-read Task $task
 * @property-read Person|null $person
 * @property-read Team|null $team
 * @property-read Role|null $role
 */
final class Assignment extends Model
{
    /** @use HasFactory<AssignmentFactory> */
    use HasFactory;

    protected $table = 'assignments';

    public $timestamps = false;

    protected $fillable = [
        'task_id',
        'person_id',
        'team_id',
        'role_id',
        'planned_minutes',
        'starts_on',
        'ends_on',
    ];

    /** Whether there is another of the same assignee on the same task in the same role from the same day. */
    public function hasTwin(): bool
    {
        return self::query()->when($this->exists, fn (Builder $others): Builder => $others->whereKeyNot($this->id))
            ->where('task_id', $this->task_id)->where('person_id', $this->person_id)->where('team_id', $this->team_id)
            ->where('role_id', $this->role_id)->where('starts_on', $this->starts_on)->exists();
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
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
            'planned_minutes' => AsMinutes::class,
            'starts_on' => AsDay::class,
            'ends_on' => AsDay::class,
        ];
    }
}
