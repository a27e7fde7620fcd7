<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Selection;

/** What is compared, and how it is shown. */
final readonly class ComparisonQuestion
{
    /** In percent. */
    public const USUAL_TOLERANCE = 10;

    public const USUAL_PERIOD = 'this-quarter';

    /**
     * @param  Grouping|null  $then  what the groups are made of
     * @param  Grouping|null  $across  the periods that stand across
     * @param  string  $period  a rolling period as `RollingPeriod` reads it; empty for fixed days
     * @param  int  $tolerance  percent of what is planned to date, 0 to 100
     * @param  positive-int  $page
     */
    public function __construct(
        public Grouping $by,
        public ?Grouping $then,
        public ?Grouping $across,
        public string $period,
        public DayRange $days,
        public Selection $selection,
        public bool $withPending,
        public int $tolerance,
        public ComparisonSort $sort,
        public int $page,
        public ?OpenedGroup $opened,
    ) {
    }
}
