<?php

declare(strict_types=1);

namespace App\Http\Input;

use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\Week;

/** A week as `2026-W25` in which there can be work. */
final class WorkWeek
{
    /** Null where the text is no such week. */
    public static function read(string $text): ?Week
    {
        try {
            $week = Week::of($text);
        } catch (NotADay) {
            return null;
        }

        return WorkDay::limits()->includes($week->monday()) && WorkDay::limits()->includes($week->sunday()) ? $week : null;
    }
}
