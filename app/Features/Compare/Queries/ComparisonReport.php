<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\Comparison;

/** Planned against actual in a period, from stored totals, in a fixed number of queries. */
final readonly class ComparisonReport
{
    public function __construct(private PlannedAmounts $planned, private RecordedAmounts $recorded, private AttendanceAmounts $attendance, private CompletionAmounts $completion, private SpentAmounts $spent, private PaidAmounts $paid)
    {
    }

    /** @param  ComparableWork  $work  what the reader may compare */
    public function comparison(ComparisonTerms $terms, ComparableWork $work): Comparison
    {
        return Comparison::of($terms->by, $terms->selection, $this->amounts($terms, $work->selectedBy($terms->selection)), $terms->then, $terms->across);
    }

    /** Whether terms have what is compared told apart by more than others do, so that more has to be read for them. */
    public function tellsMoreApart(ComparisonTerms $terms, ComparisonTerms $others, ComparableWork $work): bool
    {
        return count(Dimensions::of($terms, $work)->columns()) > count(Dimensions::of($others, $work)->columns());
    }

    /** @return iterable<ComparedAmount> */
    private function amounts(ComparisonTerms $terms, ComparableWork $work): iterable
    {
        $asked = Dimensions::of($terms, $work);
        $items = WorkItems::load($asked, $work);
        if ($terms->asksFieldOfExpenses()) {
            yield from $this->spent->of($terms, $asked, $items, $terms->days, $work);

            return;
        }
        if (! $terms->asksFieldOfEntries()) {
            yield from $this->planned->of($asked, $items, ComparedDays::planned($terms->days, $terms->today), $work);
        }
        yield from $this->recorded->of($terms, $asked, $items, ComparedDays::recorded($terms->days), $work);
        // What somebody brings in themselves are their hours.
        if ($terms->asksMoney() && ! $terms->asksFieldOfEntries() && ! $work->isOnePersons()) {
            yield from $this->spent->of($terms, $asked, $items, $terms->days, $work);
        }
        if ($terms->asksPay() && ! $terms->asksFieldOfEntries()) {
            yield from $this->paid->of($asked, $items, $terms->days, $work);
        }
        if ($terms->asksAttendance()) {
            yield from $this->attendance->of($terms, $work, $items);
        }
        if ($terms->asksCompletion()) {
            yield from $this->completion->of($terms, $asked, $items, $work);
        }
    }
}
