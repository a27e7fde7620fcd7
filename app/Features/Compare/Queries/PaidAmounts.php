<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\Totals\RecordedTotals;
use App\Models\EntryPayKind;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Pay\PayKind;

/**
 * What approved time of a period is paid as beyond regular time, of those whose weeks the reader may know; in one query. Where the kinds
 * of an entry do not add up to its hours, it is regular.
 */
final class PaidAmounts
{
    /** @return iterable<ComparedAmount> */
    public function of(Dimensions $asked, WorkItems $items, DayRange $period, ComparableWork $work): iterable
    {
        foreach (Rows::each(PaidSum::class, self::sums($period, $work)) as $sum) {
            $item = $items->of($asked->projects ? $sum->projectId : $sum->taskId, $asked->people ? $sum->personId : 0, 0, $asked->roles ? $sum->roleId ?? 0 : 0, $sum->billable ?? RecordedTotals::BILLABLE_AS_TASK);
            yield new ComparedAmount($item, $sum->date, ComparisonRow::paid([$sum->kind->value => $sum->minutes]));
        }
    }

    private static function sums(DayRange $period, ComparableWork $work): Builder
    {
        $added = EntryPayKind::query()->toBase()->groupBy('entry_id')->select('entry_id AS of_entry', Sql::sum('minutes', 'added'));

        return EntryPayKind::query()->toBase()->join('entries', 'entries.id', 'entry_pay_kinds.entry_id')->join('tasks', 'tasks.id', 'entries.task_id')
            ->joinSub($added, 'kinds', static fn (JoinClause $join): JoinClause => $join->on('kinds.of_entry', 'entries.id')->on('kinds.added', 'entries.minutes'))
            ->where('entry_pay_kinds.kind', '<>', PayKind::Regular->value)->whereBetween('entries.date', [$period->first()->toString(), $period->last()->toString()])
            ->whereIn('entries.person_id', $work->people()->select('people.id'))
            ->groupBy('entries.date', 'entries.task_id', 'entries.person_id', 'entries.role_id', 'entries.billable', 'entry_pay_kinds.kind')
            ->select('entries.date', 'entries.task_id', 'tasks.project_id', 'entries.person_id', 'entries.role_id', 'entries.billable', 'entry_pay_kinds.kind', Sql::sum('entry_pay_kinds.minutes', 'minutes'));
    }
}
