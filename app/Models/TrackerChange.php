<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a task tracker is yet to be asked to change. Asked twice under its reference it is done once.
 *
 * @property int $id
 * @property int $tracker_time_id
 * @property string $reference
 * @property int $minutes_from
 * @property int $minutes_to
 * @property string $text
 * @property-read TrackerTime $time
 */
final class TrackerChange extends Model
{
    protected $table = 'tracker_changes';

    public $timestamps = false;

    protected $fillable = ['tracker_time_id', 'reference', 'minutes_from', 'minutes_to', 'text'];

    /** @return BelongsTo<TrackerTime, $this> */
    public function time(): BelongsTo
    {
        return $this->belongsTo(TrackerTime::class, 'tracker_time_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['minutes_from' => 'integer', 'minutes_to' => 'integer'];
    }
}
