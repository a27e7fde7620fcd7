<?php

declare(strict_types=1);

namespace App\Http\Props;

use Moss\Core\Calendar\TimesheetPeriod;

/** Which timesheet somebody is to keep now. */
final readonly class TimesheetProps
{
    /** @param  string  $at  its days: `2026-06`, `2026-W25`, or the first and the last one */
    public function __construct(public TimesheetPeriod $period, public string $at)
    {
    }
}
