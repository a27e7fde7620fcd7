<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * A piece of time that a task tracker has, and what of it is in an entry here.
 *
 * @property int $id
 * @property int $tracker_link_id
 * @property int $tracker_task_id
 * @property int $tracker_person_id
 * @property Day $date
 * @property int|null $remote_id  null until it was made there
 * @property int $version  as it was last seen
 * @property string $text
 * @property string $text_noted  the text as it stands in the note of the entry
 * @property int $minutes_there
 * @property int $minutes_counted  of it in the entry here
 * @property bool $differs  whether these are two different numbers, or the text is another than in the note
 * @property bool|null $is_accepted  null until it is known whose it is; false while it is in pencil
 * @property bool $is_ours  whether it was made there from here
 * @property string $problem  why it could not be brought over
 * @property-read TrackerTask $task
 * @property-read TrackerPerson $person
 */
final class TrackerTime extends Model
{
    protected $table = 'tracker_times';

    public $timestamps = false;

    protected $fillable = ['tracker_link_id', 'tracker_task_id', 'tracker_person_id', 'date', 'remote_id', 'version', 'text', 'text_noted', 'minutes_there', 'minutes_counted', 'differs', 'is_accepted', 'is_ours', 'problem'];

    /** @return BelongsTo<TrackerTask, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(TrackerTask::class, 'tracker_task_id');
    }

    /** @return BelongsTo<TrackerPerson, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(TrackerPerson::class, 'tracker_person_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['date' => AsDay::class, 'minutes_there' => 'integer', 'minutes_counted' => 'integer', 'version' => 'integer', 'differs' => 'boolean', 'is_accepted' => 'boolean', 'is_ours' => 'boolean'];
    }
}
