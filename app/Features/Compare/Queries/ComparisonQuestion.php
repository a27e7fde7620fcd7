<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Compare\ComparedGroup;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Standing;

/** What is compared, and how it is shown. */
final readonly class ComparisonQuestion
{
    /** In percent. */
    public const USUAL_TOLERANCE = 10;

    public const USUAL_PERIOD = 'this-quarter';

    /**
     * @param  string  $period  a rolling period as `RollingPeriod` reads it, or `to-date`; empty for fixed days
     * @param  int  $tolerance  percent of what is planned to date, 0 to 100
     * @param  ComparisonSort|Measure  $sort  by a measure the largest come first
     * @param  bool  $withLines  whether periods are drawn as lines too
     * @param  positive-int  $page
     */
    public function __construct(
        public ComparisonTerms $terms,
        public string $period,
        public int $tolerance,
        public ComparisonSort|Measure $sort,
        public bool $withLines,
        public int $page,
        public ?OpenedGroup $opened,
    ) {
    }

    /** How a group stands against its plan, as far as plans can be told apart by what is asked for. */
    public function standingOf(ComparisonRow $row): Standing
    {
        return $this->terms->asksFieldOfEntries() ? Standing::Recorded : Standing::of($row, $this->tolerance);
    }

    /**
     * @param  array<array-key, ComparedGroup>  $groups
     * @return array<array-key, Standing> by code, how each stands
     */
    public function standingsOf(array $groups): array
    {
        $standings = [];
        $isAgainstPlans = ! $this->terms->asksFieldOfEntries();
        foreach ($groups as $code => $group) {
            $standings[$code] = $isAgainstPlans ? Standing::of($group->row, $this->tolerance) : Standing::Recorded;
        }

        return $standings;
    }
}
