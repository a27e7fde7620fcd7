<?php

declare(strict_types=1);

namespace App\Features\Directory\Props;

use App\Lookup\Props\OptionProps;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;

/** A team, a role or a client. */
final readonly class DirectoryRowProps
{
    /**
     * @param  OptionProps|null  $lead  of a team
     * @param  TimesheetPeriod|null  $period  what a timesheet of a team's people covers
     * @param  DayUnit|null  $unit  in which they count their time; null for hours
     * @param  int  $uses  people of a team or in a role, projects of a client
     */
    public function __construct(public string $code, public string $name, public ?OptionProps $lead, public ?TimesheetPeriod $period, public ?DayUnit $unit, public int $uses, public bool $isRetired)
    {
    }
}
