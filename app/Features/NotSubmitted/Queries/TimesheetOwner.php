<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Queries;

use App\Models\Person;
use App\Sheet\PersonWorkTime;
use App\Sheet\TimesheetSetting;

/** Whose timesheets are looked at: what they cover, and what their days ask. */
final readonly class TimesheetOwner
{
    public function __construct(public TimesheetSetting $setting, public PersonWorkTime $workTime)
    {
    }

    public static function of(Person $person): self
    {
        return new self(TimesheetSetting::of($person), PersonWorkTime::of($person));
    }
}
