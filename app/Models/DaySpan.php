<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use App\Models\Concerns\LiesOnDay;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * From when to when a person worked on a day, in minutes after midnight, and how long they paused.
 *
 * @property int $id
 * @property int $person_id
 * @property Day $date
 * @property int $starts_at
 * @property int $ends_at
 * @property Minutes $break_minutes
 * @property-read Person $person
 */
final class DaySpan extends Model
{
    use LiesOnDay;

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'date',
        'starts_at',
        'ends_at',
        'break_minutes',
    ];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'date' => AsDay::class,
            'break_minutes' => AsMinutes::class,
        ];
    }
}
