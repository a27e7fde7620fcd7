<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;

/**
 * A group of people with a lead.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property int|null $lead_id
 * @property bool $is_retired
 * @property TimesheetPeriod $timesheet_period  what one timesheet covers
 * @property DayUnit|null $counted_in  null for hours
 * @property-read Person|null $lead
 */
final class Team extends Model
{
    protected $table = 'teams';

    public $timestamps = false;

    protected $fillable = ['code', 'name', 'lead_id', 'is_retired', 'timesheet_period', 'counted_in'];

    protected $attributes = ['timesheet_period' => 'week'];

    /** @return BelongsTo<Person, $this> */
    public function lead(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'lead_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_retired' => 'boolean', 'timesheet_period' => TimesheetPeriod::class, 'counted_in' => DayUnit::class];
    }

    /** @return HasMany<Person, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(Person::class);
    }
}
