<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Concerns\LiesOnDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Clock\ClockSpan;

/**
 * Time by the clock on a line. What is inked is part of the entry of its line and day.
 *
 * @property int $id
 * @property int $person_id
 * @property Day $date
 * @property int $starts_at  minutes after midnight
 * @property int $ends_at  minutes after midnight
 * @property int $task_id
 * @property int|null $role_id
 * @property bool $is_inked
 * @property StretchSource $source
 * @property string $note
 * @property int $version
 * @property int|null $appointment_id  that it came of
 * @property string $why  its task was guessed, as JSON by `GuessReason`; empty where it was not
 * @property bool $is_chosen  whether its person put it on its line
 * @property bool|null $billable  while it is pencilled; null as the task is
 * @property-read Person $person
 */
final class Stretch extends Model
{
    use LiesOnDay;

    protected $table = 'stretches';

    public $timestamps = false;

    protected $fillable = ['person_id', 'date', 'starts_at', 'ends_at', 'task_id', 'role_id', 'is_inked', 'source', 'note', 'version', 'appointment_id', 'why', 'is_chosen', 'billable'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function span(): ClockSpan
    {
        return ClockSpan::ofMinutes($this->starts_at, $this->ends_at);
    }

    /** The earliest week with time of a person that a timer measured and that is not inked, as `2026-W25`; null where all is inked. */
    public static function weekToInk(Person $person): ?string
    {
        $first = self::query()->toBase()->where('person_id', $person->id)->where('is_inked', 0)->where('source', StretchSource::Timer->value)->min('date');

        return is_string($first) ? Week::containing(Day::of($first))->toString() : null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['date' => AsDay::class, 'is_inked' => 'boolean', 'is_chosen' => 'boolean', 'billable' => 'boolean', 'source' => StretchSource::class];
    }
}
