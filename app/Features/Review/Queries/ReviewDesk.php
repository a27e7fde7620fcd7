<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\Waiting;
use App\Features\Review\Props\GroupProps;
use App\Features\Review\Props\ReviewProps;
use App\Features\Review\Props\SumProps;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** The review desk: what waits, by person, project or week, and the sheets of the group that is open. */
final readonly class ReviewDesk
{
    public const GROUPS_AT_ONCE = 40;

    /** All the weeks that a month touches. */
    public const SHEETS_AT_ONCE = 6;

    public function __construct(private Waiting $waiting, private DeskSheets $sheets, private WaitingCorrections $corrections, private Decisions $decisions, private Phrases $phrases, private WaitingExpenses $expenses)
    {
    }

    /**
     * @param  int  $page  of groups, from 1
     * @param  int  $sheetPage  of the open group's sheets, from 1
     */
    public function of(Person $person, Day $today, DeskFilter $filter, int $page, int $sheetPage): ReviewProps
    {
        $all = new DeskFilter($filter->by, $filter->show, $filter->search);
        $sum = $this->sum($person, $today, $all);
        [$groups, $count, $page] = $this->page($person, $today, $all, max(1, $page));
        $open = $filter->group ?? $groups[0]->key ?? null;
        $opened = $open === null ? null : $this->sum($person, $today, $all->of($open));
        if ($opened === null || $opened->entries === 0) {
            $open = $groups[0]->key ?? null;
            $opened = $open === null ? null : $this->sum($person, $today, $all->of($open));
        }
        $sheetPage = max(1, $sheetPage);
        $sheets = $open === null ? [] : $this->sheets->of($person, $today, $all->of($open), $sheetPage);
        $isWhole = $open === null || ($sheetPage === 1 && count($sheets) < self::SHEETS_AT_ONCE);

        return new ReviewProps(
            $all->by,
            $all->show,
            $all->search,
            $sum,
            $groups,
            $count,
            $page,
            self::GROUPS_AT_ONCE,
            $open,
            $opened,
            $sheets,
            $isWhole ? count($sheets) : $this->sheets->count($person, $today, $all->of($open)),
            $sheetPage,
            self::SHEETS_AT_ONCE,
            $this->corrections->of($person, $today),
            $this->expenses->of($person, $today),
            $this->decisions->of($person, $today),
            ExpenseDecisions::of($person, $today),
            SelfApproved::sheets($person, $today),
            $this->phrases->of($person),
        );
    }

    /** How much there is, how much of it needs attention, and what the part in order is recognised by. */
    public function sum(Person $person, Day $today, DeskFilter $filter): SumProps
    {
        $record = Record::all($filter->narrow($this->waiting->for($person, $today))
            ->addSelect(Sql::count('entries'), Sql::total('entries.minutes', 'minutes'))
            ->selectRaw('coalesce(sum(entries.needs_attention), 0) AS needing_attention, coalesce(sum(entries.needs_attention * entries.minutes), 0) AS minutes_needing_attention')
            ->selectRaw('coalesce(sum((1 - entries.needs_attention) * entries.version), 0) AS versions, coalesce(sum((1 - entries.needs_attention) * entries.id), 0) AS ids'))[0];
        [$entries, $minutes] = [$record->int('entries') - $record->int('needing_attention'), $record->int('minutes') - $record->int('minutes_needing_attention')];

        return new SumProps(
            $record->int('entries'),
            $record->int('minutes'),
            $record->int('needing_attention'),
            $record->int('minutes_needing_attention'),
            // Whatever comes, goes or changes in between makes it another.
            implode('-', [$entries, $minutes, $record->int('versions'), $record->int('ids')]),
        );
    }

    /**
     * Groups of a page, or of the last one where there are fewer.
     *
     * @return array{list<GroupProps>, int, int} also how many there are in all, and which page it is
     */
    private function page(Person $person, Day $today, DeskFilter $filter, int $page): array
    {
        $first = $page === 1 ? $this->groups($person, $today, $filter, 1) : null;
        // A first page with room left says itself how many there are.
        if ($first !== null && count($first) < self::GROUPS_AT_ONCE) {
            return [$first, count($first), 1];
        }
        $count = $this->groupCount($person, $today, $filter);
        $page = max(1, min($page, (int) ceil($count / self::GROUPS_AT_ONCE)));

        return [$first ?? $this->groups($person, $today, $filter, $page), $count, $page];
    }

    private function groupCount(Person $person, Day $today, DeskFilter $filter): int
    {
        return Record::all(DB::query()->fromSub($filter->narrow($this->waiting->for($person, $today))->selectRaw('DISTINCT '.$filter->by->key().' AS "key"'), 'keys')
            ->addSelect(Sql::count('groups')))[0]->int('groups');
    }

    /** @return list<GroupProps> those with most entries needing attention first, then the oldest */
    private function groups(Person $person, Day $today, DeskFilter $filter, int $page): array
    {
        $query = $filter->narrow($this->waiting->for($person, $today))
            ->selectRaw($filter->by->key().' AS "key", '.$filter->by->name().' AS name')
            ->addSelect(Sql::count('entries'), Sql::sum('entries.minutes', 'minutes'), Sql::sum('entries.needs_attention', 'needing_attention'), Sql::min('entries.date', 'first'))
            ->groupByRaw('1')->orderByRaw('sum(entries.needs_attention) > 0 DESC, min(entries.date), name')
            ->offset(($page - 1) * self::GROUPS_AT_ONCE)->limit(self::GROUPS_AT_ONCE);

        return array_map(static fn (Record $group): GroupProps => new GroupProps(
            $group->string('key'), $group->string('name'), $group->int('entries'), $group->int('minutes'), $group->int('needing_attention'), $group->string('first'),
        ), Record::all($query));
    }
}
