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

    /**
     * @param  ComparableWork  $work  what the reader may compare
     * @param  Grouping|null  $then  what the groups are made of
     * @param  Grouping|null  $across  what stands across, as months do
     */
    public function comparison(Grouping $by, Selection $selection, DayRange $period, Day $today, bool $withPending, ComparableWork $work, ?Grouping $then = null, ?Grouping $across = null): Comparison
    {
        $asked = Dimensions::of($selection, ...array_filter([$by, $then, $across]));
        $days = ComparedDays::of($period, $today);

        return Comparison::of($by, $selection, $this->amounts($asked, WorkItems::load($asked), $days, $withPending, $work), $then, $across);
    }

    /** @return iterable<ComparedAmount> */
    private function amounts(Dimensions $asked, WorkItems $items, ComparedDays $days, bool $withPending, ComparableWork $work): iterable
    {
        yield from $this->planned->of($asked, $items, $days, $work);
        yield from $this->recorded->of($asked, $items, $days, $withPending, $work);
    }
}
