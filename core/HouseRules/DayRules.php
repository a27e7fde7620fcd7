<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Closure;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * What rules on single days have in common.
 */
final readonly class DayRules
{
    /**
     * @param  Closure(Day): (array<string, Minutes|Day|int|string>|null)  $values  of a day; null where nothing is found on it
     * @return list<RuleResult>
     */
    public static function found(CheckedSheet $sheet, Closure $values): array
    {
        $found = [];
        foreach ($sheet->week->days() as $day) {
            $of = $values($day);
            if ($of !== null) {
                $found[] = new RuleResult(FindingPlace::day($day), ['day' => $day] + $of);
            }
        }

        return $found;
    }
}
