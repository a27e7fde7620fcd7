<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\Comparison;

/** Planned against actual in a period, from stored totals, in a fixed number of queries. */
final readonly class ComparisonReport
{
    public function __construct(private TimeAmounts $time, private AttendanceAmounts $attendance, private CompletionAmounts $completion, private SpentAmounts $spent, private PaidAmounts $paid)
    {
    }

    /** @param  ComparableWork  $work  what the reader may compare */
    public function comparison(ComparisonTerms $terms, ComparableWork $work): Comparison
    {
        $selected = $work->selectedBy($terms->selection);
        $asked = Dimensions::of($terms, $selected);

        return HoursByGroup::of($terms, $asked, $selected)?->comparison()
            ?? Comparison::of($terms->by, $terms->selection, $this->amounts($terms, $asked, $selected), $terms->then, $terms->across);
    }

    /**
     * Whether less is read where all groups come first as wholes, and then what those are made of that are shown: where wholes
     * are told apart by less, and all that is compared can be narrowed to groups before it is read.
     */
    public function isReadInTwo(ComparisonTerms $terms, ComparableWork $work): bool
    {
        $asked = Dimensions::of($terms, $work);

        return SelectedNumbers::know($terms->by) && ! $asked->ofEntries && ! $terms->asksAttendance() && ! $terms->asksPay()
            && count($asked->columns()) > count(Dimensions::of($terms->ofGroups(), $work)->columns());
    }

    /** @return iterable<ComparedAmount> */
    private function amounts(ComparisonTerms $terms, Dimensions $asked, ComparableWork $work): iterable
    {
        $alike = AlikeWork::of($terms, $asked, $work);
        if ($alike !== null) {
            yield from $this->time->ofAlike($alike, $terms, $asked, $work);

            return;
        }
        $items = WorkItems::load($terms, $asked, $work);
        if ($terms->asksFieldOfExpenses()) {
            yield from $this->spent->of($terms, $asked, $items, $terms->days, $work);

            return;
        }
        yield from $this->time->of($terms, $asked, $items, $work);
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
