<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\TimerRun as StoredRun;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Timer\TimerRun;
use Moss\Core\Timer\TimerRuns;

/**
 * The timer that a person has running or paused.
 *
 * @property int $id
 * @property int $person_id
 * @property int $task_id
 * @property int|null $role_id
 * @property string $note
 * @property int $version
 * @property-read Task $task
 * @property-read Role|null $role
 * @property-read Collection<int, StoredRun> $runs
 */
final class Timer extends Model
{
    protected $table = 'timers';

    public $timestamps = false;

    protected $fillable = ['person_id', 'task_id', 'role_id', 'note', 'version'];

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

    /** @return HasMany<StoredRun, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(StoredRun::class)->orderBy('started_at')->orderBy('id');
    }

    public function measured(): TimerRuns
    {
        return new TimerRuns(array_values($this->runs->map(static fn (StoredRun $run): TimerRun => new TimerRun(
            new DateTimeImmutable($run->started_at), $run->ended_at === null ? null : new DateTimeImmutable($run->ended_at),
        ))->all()));
    }
}
