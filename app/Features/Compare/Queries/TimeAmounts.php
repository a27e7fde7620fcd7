<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\RatesInForce;
use App\Effort\Totals\RecordedTotals;
use App\Support\Database\Record;
use App\Support\Database\StreamedRows;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\ComparedMoney;
use Moss\Core\Compare\PlannedTime;
use Moss\Core\Compare\RecordedTime;
use Moss\Core\Compare\WorkItem;
use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Money\Pricing;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What is planned and what was recorded in a period: sums of both together, and the entries of days that the period cuts off. In a fixed number of queries. */
final class TimeAmounts
{
    /** @var array<string, Day> */
    private array $days = [];

    /** @return iterable<ComparedAmount> */
    public function of(ComparisonTerms $terms, Dimensions $asked, WorkItems $items, ComparableWork $work): iterable
    {
        $known = self::peopleKnown($terms, $work);
        $compared = ComparedDays::recorded($terms->days);
        foreach (self::sums($terms, $asked, $compared, $work) as $parts) {
            yield from $this->ofSums($terms, $asked, $items, AddedSums::canBe($parts) ? AddedSums::of($parts) : StreamedRows::named(MergedSums::of($parts)), $work, $known);
        }
        $ranges = $asked->ofEntries ? [$compared->period] : $compared->cut;
        if ($ranges !== []) {
            yield from $this->ofEntries($terms, $asked, $items, $ranges, $work, $known);
        }
    }

    /**
     * The same where those that are alike need not be told apart, of which sums alone tell.
     *
     * @return iterable<ComparedAmount>
     */
    public function ofAlike(AlikeWork $alike, ComparisonTerms $terms, Dimensions $asked, ComparableWork $work): iterable
    {
        foreach (self::sums($terms, $asked, ComparedDays::recorded($terms->days), $work) as $parts) {
            $rows = StreamedRows::named(MergedSums::of($parts, $alike));
            if ($asked->months || $asked->weeks) {
                $items = WorkItems::load($terms, $asked, $work);
            } else {
                // Few are left, so that only what these stand for is looked up.
                $rows = iterator_to_array($rows, false);
                $items = WorkItems::load($terms, $asked, $work, self::numbers($rows, $asked->tasks ? 'task_id' : 'project_id'), self::numbers($rows, 'person_id'));
            }
            yield from $this->ofSums($terms, $asked, $items, $rows, $work, null);
        }
    }

    /**
     * @param  list<object>  $rows
     * @param  'task_id'|'project_id'|'person_id'  $column
     * @return list<int>
     */
    private static function numbers(array $rows, string $column): array
    {
        return array_values(array_unique(array_filter(array_column($rows, $column), is_int(...))));
    }

    /** @return list<non-empty-list<SumPart>> each of which is added up by itself */
    private static function sums(ComparisonTerms $terms, Dimensions $asked, ComparedDays $recordedDays, ComparableWork $work): array
    {
        $planned = $terms->asksFieldOfEntries() ? [] : PlannedSums::of($asked, ComparedDays::planned($terms->days, $terms->today), $work);
        $recorded = $asked->ofEntries ? [] : RecordedSums::of($asked, $terms->asksMoney(), $recordedDays, $work);

        // What is told apart by whether it is billable has no rows in common with plans, of which only tasks say it.
        return array_values(array_filter($asked->billable ? [$planned, $recorded] : [[...$planned, ...$recorded]], static fn (array $parts): bool => $parts !== []));
    }

    /**
     * @param  iterable<object>  $rows
     * @param  array<int, int>|null  $known
     * @return iterable<ComparedAmount>
     */
    private function ofSums(ComparisonTerms $terms, Dimensions $asked, WorkItems $items, iterable $rows, ComparableWork $work, ?array $known): iterable
    {
        [$asksMoney, $asksAttendance] = [$terms->asksMoney(), $terms->asksAttendance()];
        // Where no grouping asks for days, none is read of thousands of rows.
        $first = $terms->days->first();
        foreach ($rows as $row) {
            /** @var object{task_id?: int, project_id?: int, person_id?: int, team_id?: int, role_id?: int, billable?: int, month?: string, starts_on?: string, minutes?: int|null, to_date?: int|null, actual?: int|null, pending?: int|null, actual_cents?: int, pending_cents?: int, actual_unrated?: int, pending_unrated?: int, actual_bill_cents?: int, pending_bill_cents?: int, actual_bill_unrated?: int, pending_bill_unrated?: int} $row */
            $item = $items->of($row->task_id ?? $row->project_id ?? 0, $row->person_id ?? 0, $row->team_id ?? 0, $row->role_id ?? 0, $row->billable ?? RecordedTotals::BILLABLE_AS_TASK);
            $date = $row->month ?? $row->starts_on ?? null;
            $day = $date === null ? $first : ($this->days[$date] ??= Day::of($date));
            $actual = $row->actual ?? null;
            if ($actual === null) {
                yield PlannedTime::amount($item, $day, $row->minutes ?? 0, $row->to_date ?? 0);

                continue;
            }
            $pending = $row->pending ?? 0;
            $money = $asksMoney ? new ComparedMoney(
                self::cost($terms, $row->actual_cents ?? 0, $row->actual_unrated ?? 0, $row->pending_cents ?? 0, $row->pending_unrated ?? 0),
                $asked->billable && $item->isBillable ? self::cost($terms, $row->actual_bill_cents ?? 0, $row->actual_bill_unrated ?? 0, $row->pending_bill_cents ?? 0, $row->pending_bill_unrated ?? 0) : Cost::nothing(),
                Minutes::zero(),
            ) : null;
            yield RecordedTime::amount($item, $day, $actual, $pending, $terms->withPending, $asked->billable,
                $money === null ? null : self::seen($money, $item, $work, $actual + ($terms->withPending ? $pending : 0)),
                $asksAttendance && ($known === null || isset($known[$row->person_id ?? 0])), $row->minutes ?? 0, $row->to_date ?? 0);
        }
    }

    /**
     * @param  non-empty-list<DayRange>  $ranges
     * @param  array<int, int>|null  $known
     * @return iterable<ComparedAmount>
     */
    private function ofEntries(ComparisonTerms $terms, Dimensions $asked, WorkItems $items, array $ranges, ComparableWork $work, ?array $known): iterable
    {
        $pricing = $terms->asksMoney() ? RatesInForce::load() : null;
        $asksAttendance = $terms->asksAttendance();
        $isActual = [];
        foreach ($work->narrow(EntrySums::of($asked, $ranges, $pricing !== null))->cursor() as $row) {
            /** @var object{task_id?: int, project_id?: int, person_id?: int, role_id?: int|null, billable?: int|null, first: string, minutes: int, state: string, person?: string, role?: string|null, own?: int|null, costed?: int|null, charge_code?: string|null, field?: string|null} $row */
            $item = $items->of($row->task_id ?? $row->project_id ?? 0, $row->person_id ?? 0, 0, $row->role_id ?? 0, $row->billable ?? RecordedTotals::BILLABLE_AS_TASK, $row->charge_code ?? null, $row->field ?? null);
            $actual = $isActual[$row->state] ??= EntryState::from($row->state)->isActual();
            $counts = $actual || $terms->withPending;
            $money = $pricing === null ? null : ($counts ? self::priced($pricing, $asked->billable && $item->isBillable, $row->person ?? '', $row->role ?? null, $this->day($row->first), Minutes::of($row->minutes), $row->costed ?? null) : new ComparedMoney(Cost::nothing(), Cost::nothing(), Minutes::zero()));
            yield RecordedTime::amount($item, $this->day($row->first), $actual ? $row->minutes : 0, $actual ? 0 : $row->minutes, $terms->withPending, $asked->billable,
                $money === null ? null : self::seen($money, $item, $work, $counts ? $row->minutes : 0), $asksAttendance && ($known === null || isset($known[$row->person_id ?? 0])));
        }
    }

    private static function priced(Pricing $pricing, bool $isBillable, string $person, ?string $role, Day $day, Minutes $minutes, ?int $costed): ComparedMoney
    {
        return new ComparedMoney($pricing->cost($person, $role, $day, $minutes, $costed), $pricing->bill($person, $role, $day, $minutes, $isBillable), Minutes::zero());
    }

    private static function cost(ComparisonTerms $terms, int $actual, int $unrated, int $pending, int $pendingUnrated): Cost
    {
        return Cost::known(Money::ofCents($actual + ($terms->withPending ? $pending : 0)))->plus(Cost::unknown(Minutes::of($unrated + ($terms->withPending ? $pendingUnrated : 0))));
    }

    /** Money as the reader may see it. */
    private static function seen(ComparedMoney $money, WorkItem $item, ComparableWork $work, int $minutes): ComparedMoney
    {
        return $work->hasMoneyOf($item->manager) ? $money : ComparedMoney::hidden(Minutes::of($minutes));
    }

    /** @return array<int, int>|null people whose expected time the reader may know, by their numbers; null where those are all, or nobody asks */
    private static function peopleKnown(ComparisonTerms $terms, ComparableWork $work): ?array
    {
        if (! $terms->asksAttendance() || $work->isEverybodys()) {
            return null;
        }

        return array_flip(array_map(static fn (Record $person): int => $person->int('id'), Record::all($work->people()->select('people.id'))));
    }

    private function day(string $text): Day
    {
        return $this->days[$text] ??= Day::of($text);
    }
}
