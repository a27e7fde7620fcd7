<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\DayUnit;

/** What one of somebody's timesheets covers, and in what they count their time: as their team does, or a week in hours. */
final readonly class TimesheetSetting
{
    /** @param  DayUnit|null  $unit  null for hours */
    private function __construct(public TimesheetPeriod $period, public ?DayUnit $unit)
    {
    }

    public static function of(Person $person): self
    {
        // Asked of thousands of people at once, who have their teams with them.
        $team = ($person->relationLoaded('team') ? $person : $person->load('team'))->team;

        return self::ofTeam($team?->timesheet_period, $team?->counted_in);
    }

    /** With nulls, of somebody without a team. */
    public static function ofTeam(?TimesheetPeriod $period, ?DayUnit $unit): self
    {
        return new self($period ?? TimesheetPeriod::Week, $unit);
    }

    /** Whether it is the week in hours that everybody has. */
    public function isUsual(): bool
    {
        return $this->period === TimesheetPeriod::Week && $this->unit === null;
    }

    /** What the page of many days shows: a month for those whose timesheet is the usual week. */
    public function pagePeriod(): TimesheetPeriod
    {
        return $this->isUsual() ? TimesheetPeriod::Month : $this->period;
    }

    /** The timesheet that ends in a week; null where none does. */
    public function endingIn(Week $week): ?DayRange
    {
        $days = $this->period->containing($week->monday());

        return $days->last()->isAfter($week->sunday()) ? null : $days;
    }

    /** The timesheet on which a day lies. */
    public function containing(Day $day): DayRange
    {
        return $this->period->containing($day);
    }
}
