<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Pay\OvertimeFallsOn;
use Moss\Core\Pay\PayRule as CorePayRule;

/**
 * From when on time is not regular, for everybody, a team or a person. Thresholds are minutes; null for none.
 *
 * @property int $id
 * @property Day|null $starts_on  holds from the week on in which it lies; null for always
 * @property int|null $team_id
 * @property int|null $person_id
 * @property int|null $daily_over
 * @property int|null $daily_double_over
 * @property int|null $weekly_over
 * @property bool $seventh_day
 * @property int|null $seventh_double_over
 * @property bool $sundays
 * @property bool $holidays
 * @property int|null $night_starts_at  minutes after midnight
 * @property int|null $night_ends_at
 * @property OvertimeFallsOn $falls_on
 * @property-read Team|null $team
 * @property-read Person|null $person
 */
final class PayRule extends Model
{
    public $timestamps = false;

    /** A rule says nothing of what it is not told. */
    protected $attributes = ['starts_on' => null, 'team_id' => null, 'person_id' => null, 'daily_over' => null, 'daily_double_over' => null, 'weekly_over' => null, 'seventh_day' => false, 'seventh_double_over' => null, 'sundays' => false, 'holidays' => false, 'night_starts_at' => null, 'night_ends_at' => null];

    protected $fillable = [
        'starts_on', 'team_id', 'person_id', 'daily_over', 'daily_double_over', 'weekly_over', 'seventh_day', 'seventh_double_over', 'sundays', 'holidays', 'night_starts_at', 'night_ends_at', 'falls_on',
    ];

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function rule(): CorePayRule
    {
        return new CorePayRule(
            $this->daily_over, $this->daily_double_over, $this->weekly_over, $this->seventh_day, $this->seventh_double_over, $this->sundays, $this->holidays, $this->night_starts_at !== null, $this->falls_on,
        );
    }

    /**
     * How much of a stretch lies in the night, which may go over midnight.
     *
     * @param  int  $from  minutes after midnight, like the other
     * @return int minutes
     */
    public function nightWithin(int $from, int $to): int
    {
        [$starts, $ends] = [$this->night_starts_at, $this->night_ends_at];
        if ($starts === null || $ends === null) {
            return 0;
        }
        $minutes = 0;
        foreach ($starts < $ends ? [[$starts, $ends]] : [[0, $ends], [$starts, 1440]] as [$first, $last]) {
            $minutes += max(0, min($to, $last) - max($from, $first));
        }

        return $minutes;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_on' => AsDay::class, 'seventh_day' => 'boolean', 'sundays' => 'boolean', 'holidays' => 'boolean', 'falls_on' => OvertimeFallsOn::class];
    }
}
