<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\PlannedWeek;
use App\Models\RecordedWeek;
use Moss\Core\Calendar\Day;

/** How far back anything can be compared. */
final class ComparedHistory
{
    /** The first day of the week part in which something was first planned or recorded; today where nothing was before it. */
    public static function firstDay(Day $today): Day
    {
        $first = $today;
        foreach ([RecordedWeek::query()->toBase()->min('starts_on'), PlannedWeek::query()->toBase()->min('starts_on')] as $day) {
            $first = is_string($day) ? Day::earlier($first, Day::of($day)) : $first;
        }

        return $first;
    }
}
