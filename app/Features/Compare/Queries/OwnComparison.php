<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;

/** Somebody's own time, compared for themselves. */
final readonly class OwnComparison
{
    public function __construct(private ComparisonReport $report)
    {
    }

    /** @param  list<Measure>  $measures */
    public function by(Person $person, Grouping $by, DayRange $days, Day $today, array $measures): Comparison
    {
        return $this->report->comparison(new ComparisonTerms($by, new Selection, $days, $today, true, measures: $measures), ComparableWork::ownOf($person));
    }

    /**
     * @param  list<string>  $codes
     * @return array<string, string> names by code
     */
    public static function names(Grouping $by, array $codes): array
    {
        $names = GroupNames::for($by, $codes);

        return array_combine($codes, array_map($names->nameOf(...), $codes));
    }
}
