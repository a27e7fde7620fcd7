<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Features\Review\Props\ReviewProps;
use App\Models\Person;
use Moss\Core\Calendar\Day;

/** The review desk: what waits, by person, project or week, and the sheets of the group that is open. */
final readonly class ReviewDesk
{
    /** All the weeks that a month touches. */
    public const SHEETS_AT_ONCE = 6;

    public function __construct(private DeskGroups $groups, private DeskSheets $sheets, private WaitingCorrections $corrections, private Decisions $decisions, private Phrases $phrases, private WaitingExpenses $expenses)
    {
    }

    /**
     * @param  int  $page  of groups, from 1
     * @param  int  $sheetPage  of the open group's sheets, from 1
     */
    public function of(Person $person, Day $today, DeskFilter $filter, int $page, int $sheetPage): ReviewProps
    {
        $all = new DeskFilter($filter->by, $filter->show, $filter->search);
        $onPage = $this->groups->page($person, $today, $all, max(1, $page));
        $open = $filter->group ?? $onPage->groups[0]->key ?? null;
        $opened = $open === null ? null : $onPage->sums[$open] ?? $this->groups->sum($person, $today, $all->of($open));
        if ($opened === null || $opened->entries === 0) {
            $open = $onPage->groups[0]->key ?? null;
            $opened = $open === null ? null : $onPage->sums[$open];
        }
        $sheetPage = max(1, $sheetPage);
        $sheets = $open === null ? [] : $this->sheets->of($person, $today, $all->of($open), $sheetPage);
        $isWhole = $open === null || ($sheetPage === 1 && count($sheets) < self::SHEETS_AT_ONCE);

        $corrections = $this->corrections->of($person, $today, $all);
        $expenses = $this->expenses->of($person, $today, $all);

        return new ReviewProps(
            $all->by,
            $all->show,
            $all->search,
            $onPage->sum,
            $onPage->groups,
            $onPage->count,
            $onPage->number,
            DeskGroups::AT_ONCE,
            $open,
            $opened,
            $sheets,
            $isWhole ? count($sheets) : $this->sheets->count($person, $today, $all->of($open)),
            $sheetPage,
            self::SHEETS_AT_ONCE,
            $corrections->oldest,
            $corrections->count,
            $expenses->oldest,
            $expenses->count,
            $expenses->needingAttention,
            $this->decisions->of($person, $today),
            ExpenseDecisions::of($person, $today),
            SelfApproved::sheets($person, $today),
            $this->phrases->of($person),
        );
    }
}
