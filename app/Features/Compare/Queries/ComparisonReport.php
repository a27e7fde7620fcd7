<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Selection;

/** Planned against actual in a period, from stored totals, in a fixed number of queries. */
final readonly class ComparisonReport
{
    public function __construct(private PlannedAmounts $planned, private RecordedAmounts $recorded)
    {
    }

    public function comparison(Grouping $grouping, Selection $selection, DayRange $period, Day $today, bool $withPending): Comparison
    {
        $asked = Dimensions::of($grouping, $selection);
        $days = ComparedDays::of($period, $today);

        return Comparison::of($grouping, $selection, $this->amounts($asked, WorkItems::load($asked), $days, $withPending));
    }

    /** @return iterable<ComparedAmount> */
    private function amounts(Dimensions $asked, WorkItems $items, ComparedDays $days, bool $withPending): iterable
    {
        yield from $this->planned->of($asked, $items, $days);
        yield from $this->recorded->of($asked, $items, $days, $withPending);
    }
}
