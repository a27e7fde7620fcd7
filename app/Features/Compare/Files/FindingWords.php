<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use App\Models\Person;
use App\Support\Language\Wording;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Standing;
use Moss\Core\Time\Minutes;

/** What a comparison found, in a sentence. */
final class FindingWords
{
    public static function of(ComparisonRow $total, Standing $standing, Person $reader): string
    {
        $hours = static fn (int $minutes): string => Wording::hours(Minutes::of($minutes), $reader);
        $difference = $total->againstToDate();
        $isWhole = $total->planned === $total->plannedToDate;
        $values = ['actual' => $hours($total->actual), 'planned' => $hours($total->plannedToDate), 'difference' => $hours(abs($difference))];

        return Wording::of(match (true) {
            $standing === Standing::Recorded => 'compare.found_recorded',
            $total->plannedToDate === 0 => 'compare.found_unplanned',
            $difference === 0 => $isWhole ? 'compare.found_exactly' : 'compare.found_as_planned',
            $difference < 0 => $isWhole ? 'compare.found_under_plan' : 'compare.found_under',
            default => $isWhole ? 'compare.found_over_plan' : 'compare.found_over',
        }, $values);
    }
}
