<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Pay\OvertimeFallsOn;
use Moss\Core\Pay\PayKind;
use Moss\Core\Pay\PayPremium as CorePayPremium;
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
 * @property bool $seventh_across_weeks  whether days in a row are counted on from the week before
 * @property int $overtime_cost_percent  what a minute costs, of what a regular one costs
 * @property int $double_cost_percent
 * @property int $night_cost_percent
 * @property int $sunday_cost_percent
 * @property int $holiday_cost_percent
 * @property-read Team|null $team
 * @property-read Person|null $person
 */
final class PayRule extends Model
{
    protected $table = 'pay_rules';

    public $timestamps = false;

    /** A rule says nothing of what it is not told. */
    protected $attributes = [
        'starts_on' => null, 'team_id' => null, 'person_id' => null, 'daily_over' => null, 'daily_double_over' => null, 'weekly_over' => null, 'seventh_day' => false, 'seventh_double_over' => null, 'sundays' => false, 'holidays' => false,
        'night_starts_at' => null, 'night_ends_at' => null, 'falls_on' => 'day', 'seventh_across_weeks' => false, 'overtime_cost_percent' => 100, 'double_cost_percent' => 100, 'night_cost_percent' => 100, 'sunday_cost_percent' => 100, 'holiday_cost_percent' => 100,
    ];

    protected $fillable = [
        'starts_on', 'team_id', 'person_id', 'daily_over', 'daily_double_over', 'weekly_over', 'seventh_day', 'seventh_double_over', 'sundays', 'holidays', 'night_starts_at', 'night_ends_at', 'falls_on',
        'seventh_across_weeks', 'overtime_cost_percent', 'double_cost_percent', 'night_cost_percent', 'sunday_cost_percent', 'holiday_cost_percent',
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

    /** @param  list<CorePayPremium>  $premiums  that there are */
    public function rule(array $premiums): CorePayRule
    {
        return new CorePayRule(
            $this->daily_over, $this->daily_double_over, $this->weekly_over, $this->seventh_day, $this->seventh_double_over, $this->sundays, $this->holidays, $this->night_starts_at !== null, $this->falls_on, $this->seventh_across_weeks, $premiums,
        );
    }

    /** What a minute of a kind costs, as a percentage of what a regular one costs. */
    public function costPercent(PayKind $kind): int
    {
        return match ($kind) {
            PayKind::Overtime => $this->overtime_cost_percent,
            PayKind::Double => $this->double_cost_percent,
            PayKind::Night => $this->night_cost_percent,
            PayKind::Sunday => $this->sunday_cost_percent,
            PayKind::Holiday => $this->holiday_cost_percent,
            PayKind::Regular, PayKind::Premium => 100,
        };
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
        return ['starts_on' => AsDay::class, 'seventh_day' => 'boolean', 'sundays' => 'boolean', 'holidays' => 'boolean', 'falls_on' => OvertimeFallsOn::class, 'seventh_across_weeks' => 'boolean'];
    }
}
