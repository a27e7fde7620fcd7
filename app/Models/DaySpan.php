<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use App\Models\Concerns\LiesOnDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Clock\Attendance;
use Moss\Core\Time\Minutes;

/**
 * From when to when a person worked on a day, in minutes after midnight, and their breaks.
 *
 * @property int $id
 * @property int $person_id
 * @property Day $date
 * @property int $starts_at
 * @property int $ends_at
 * @property Minutes $break_minutes  of which no times are known
 * @property list<array{int, int}> $breaks  of which they are
 * @property-read Person $person
 */
final class DaySpan extends Model
{
    use LiesOnDay;

    protected $table = 'day_spans';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'date',
        'starts_at',
        'ends_at',
        'break_minutes',
        'breaks',
    ];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function attendance(): Attendance
    {
        return Attendance::of($this->starts_at, $this->ends_at, $this->breaks, $this->break_minutes->toInt());
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'date' => AsDay::class,
            'break_minutes' => AsMinutes::class,
            'breaks' => 'array',
        ];
    }
}
