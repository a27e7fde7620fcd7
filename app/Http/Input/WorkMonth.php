<?php

declare(strict_types=1);

namespace App\Http\Input;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\SheetPeriod;

/** A month as `2026-06` in which there can be work. */
final class WorkMonth
{
    /** Its days; null where the text is no such month. */
    public static function read(string $text): ?DayRange
    {
        try {
            $days = SheetPeriod::Month->containing(Day::of($text.'-01'));
        } catch (NotADay) {
            return null;
        }

        return WorkDay::limits()->includes($days->first()) && WorkDay::limits()->includes($days->last()) ? $days : null;
    }
}
