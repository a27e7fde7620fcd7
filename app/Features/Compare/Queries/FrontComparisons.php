<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Compare\Props\ComparedRowProps;
use App\Features\Compare\Props\FrontComparisonProps;
use App\Features\Compare\Props\FrontGroupProps;
use App\Models\Person;
use App\Models\SavedComparison;
use Moss\Core\Calendar\Day;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Standing;

/** The saved comparisons that somebody put on their front page, in their order, each with what it finds today. */
final readonly class FrontComparisons
{
    /** Groups of each that are shown. */
    private const GROUPS = 4;

    /** Figures of each group, beside those of the plan. */
    private const USUAL = [Measure::Planned, Measure::Actual, Measure::Difference];

    public function __construct(private ComparisonReport $report)
    {
    }

    /** @return list<FrontComparisonProps> */
    public function of(Person $reader, Day $today): array
    {
        $comparisons = SavedComparison::query()->readableBy($reader)->join('front_page_comparisons', 'front_page_comparisons.saved_comparison_id', 'saved_comparisons.id')
            ->where('front_page_comparisons.person_id', $reader->id)->orderBy('front_page_comparisons.place')->select('saved_comparisons.*')->get();

        return array_map(fn (SavedComparison $saved): FrontComparisonProps => $this->comparison($reader, $saved, $today), array_values($comparisons->all()));
    }

    private function comparison(Person $reader, SavedComparison $saved, Day $today): FrontComparisonProps
    {
        $asked = ComparisonAddress::saved($saved->address)->question($reader, $today);
        $terms = $asked->terms->ofGroups();
        $comparison = $this->report->comparison($terms, ComparableWork::of($reader));
        $standings = $asked->standingsOf($comparison->groups());
        $shown = array_slice(ComparisonOrder::of($comparison->groups(), $standings, $terms->by, $asked, ComparisonOrder::names($terms->by, $asked)), 0, self::GROUPS, true);
        $names = GroupNames::for($terms->by, array_map(strval(...), array_keys($shown)), $terms->field);
        $groups = [];
        foreach ($shown as $code => $group) {
            $groups[] = new FrontGroupProps($terms->by, (string) $code, $names->nameOf((string) $code), ComparedRowProps::of($group->row, $asked->standingOf($group->row), self::USUAL));
        }
        $counts = array_count_values(array_column($standings, 'value'));

        return new FrontComparisonProps(
            $saved->id, $saved->name, $saved->address, $asked->period, $terms->days->first()->toString(), $terms->days->last()->toString(), $asked->tolerance,
            ComparedRowProps::of($comparison->total(), $asked->standingOf($comparison->total()), self::USUAL), $groups, count($comparison->groups()),
            $counts[Standing::Over->value] ?? 0, $counts[Standing::Under->value] ?? 0,
        );
    }
}
