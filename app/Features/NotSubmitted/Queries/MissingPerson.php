<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Queries;

use App\Sheet\PersonWorkTime;
use App\Sheet\TimesheetSetting;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;

/** Somebody who may not have submitted a timesheet. */
final readonly class MissingPerson
{
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public ?string $team,
        private ?TimesheetPeriod $timesheetPeriod,
        private ?DayUnit $countedIn,
        private PersonWorkTime $workTime,
    ) {
    }

    public function owner(): TimesheetOwner
    {
        return new TimesheetOwner(TimesheetSetting::ofTeam($this->timesheetPeriod, $this->countedIn), $this->workTime);
    }
}
