<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Calendar\Day;

/**
 * A project here and its counterpart in a task tracker.
 *
 * @property int $id
 * @property int $tracker_id
 * @property int $project_id
 * @property string $remote_key  of the project there
 * @property Day $starts_on  from which on time goes to and fro
 * @property bool $takes_tasks  whether tasks that are new there come over
 * @property int $linked_by_id
 * @property int $position  how far what changed there has been read
 * @property int $line  how far the audit trail has been read
 * @property string|null $asked_at
 * @property string|null $succeeded_at
 * @property string $failure  why the last attempt failed, by a key of the sentences
 * @property-read Tracker $tracker
 * @property-read Project $project
 * @property-read Person $linkedBy
 */
final class TrackerLink extends Model
{
    protected $table = 'tracker_links';

    public $timestamps = false;

    protected $fillable = ['tracker_id', 'project_id', 'remote_key', 'starts_on', 'takes_tasks', 'linked_by_id', 'position', 'line', 'asked_at', 'succeeded_at', 'failure'];

    /** @return BelongsTo<Tracker, $this> */
    public function tracker(): BelongsTo
    {
        return $this->belongsTo(Tracker::class);
    }

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function linkedBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasMany<TrackerTask, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(TrackerTask::class);
    }

    /** @return HasMany<TrackerTime, $this> */
    public function times(): HasMany
    {
        return $this->hasMany(TrackerTime::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_on' => AsDay::class, 'takes_tasks' => 'boolean', 'position' => 'integer', 'line' => 'integer'];
    }
}
