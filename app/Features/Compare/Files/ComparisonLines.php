<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonOrder;
use App\Features\Compare\Queries\ComparisonQuestion;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Compare\Queries\GroupNames;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;

/** All lines of a comparison as files have them: each group, in the order of the page, with what it is made of below it. */
final readonly class ComparisonLines
{
    /** @param  list<string>  $periods  codes of what stands across */
    private function __construct(public ComparisonQuestion $asked, private Comparison $comparison, public array $periods)
    {
    }

    public static function of(ComparisonReport $report, ComparableWork $work, ComparisonQuestion $asked): self
    {
        $comparison = $report->comparison($asked->terms, $work);

        return new self($asked, $comparison, array_map(strval(...), array_keys($comparison->periods())));
    }

    /** @return iterable<ComparedLine> */
    public function lines(): iterable
    {
        $terms = $this->asked->terms;
        $names = GroupNames::for($terms->by, null, $terms->field);
        $partNames = $terms->then === null ? null : GroupNames::for($terms->then, null, $terms->field);
        foreach (ComparisonOrder::of($this->comparison->groups(), $this->asked->standingsOf($this->comparison->groups()), $terms->by, $this->asked, $names) as $code => $group) {
            $name = $names->nameOf((string) $code);
            yield new ComparedLine((string) $code, $name, null, '', $group->row, $group->periods);
            foreach ($group->parts as $part => $made) {
                yield new ComparedLine((string) $code, $name, (string) $part, $partNames?->nameOf((string) $part) ?? '', $made->row, $made->periods);
            }
        }
    }

    public function count(): int
    {
        return count($this->comparison->groups());
    }

    public function total(): ComparisonRow
    {
        return $this->comparison->total();
    }

    /** @return array<array-key, ComparisonRow> by code of what stands across */
    public function totals(): array
    {
        return $this->comparison->periods();
    }
}
