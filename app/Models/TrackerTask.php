<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A task as a task tracker has it.
 *
 * @property int $id
 * @property int $tracker_link_id
 * @property string $remote_key
 * @property string $title
 * @property string $state  in the tracker's own words
 * @property string $comment  the last
 * @property string $comment_by
 * @property string $comment_on  a day, or empty
 * @property int $minutes  estimated there; 0 where nothing is
 * @property list<string> $people  logins
 * @property list<string> $assigned  logins of those who were put on it here because they were there
 * @property int|null $task_id  which it is here
 * @property-read Task|null $task
 * @property-read TrackerLink $link
 */
final class TrackerTask extends Model
{
    protected $table = 'tracker_tasks';

    public $timestamps = false;

    protected $fillable = ['tracker_link_id', 'remote_key', 'title', 'state', 'comment', 'comment_by', 'comment_on', 'minutes', 'people', 'assigned', 'task_id'];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<TrackerLink, $this> */
    public function link(): BelongsTo
    {
        return $this->belongsTo(TrackerLink::class, 'tracker_link_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['people' => 'array', 'assigned' => 'array', 'minutes' => 'integer'];
    }
}
