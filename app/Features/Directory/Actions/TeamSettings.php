<?php

declare(strict_types=1);

namespace App\Features\Directory\Actions;

use App\Models\Person;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;

/** What a team has beside its name: its lead, and what a timesheet of its people covers and is counted in. */
final readonly class TeamSettings
{
    /** @param  DayUnit|null  $unit  null for hours */
    public function __construct(public ?Person $lead, public TimesheetPeriod $period, public ?DayUnit $unit)
    {
    }

    /** @return array{lead_id: int|null, timesheet_period: TimesheetPeriod, counted_in: DayUnit|null} */
    public function columns(): array
    {
        return ['lead_id' => $this->lead?->id, 'timesheet_period' => $this->period, 'counted_in' => $this->unit];
    }
}
