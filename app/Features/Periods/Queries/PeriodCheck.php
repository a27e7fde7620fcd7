<?php

declare(strict_types=1);

namespace App\Features\Periods\Queries;

use App\AuditTrail\BesideEntries;
use App\Features\Periods\Props\ApproverTimeProps;
use App\Features\Periods\Props\CorrectedTimeProps;
use App\Features\Periods\Props\OpenTimeProps;
use App\Features\Periods\Props\PeriodActProps;
use App\Features\Periods\Props\PeriodProps;
use App\Models\Correction;
use App\Models\Expense;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\SettlingBatch;
use App\Models\SettlingSubject;
use App\Support\Database\ByIndex;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** The check list before a period is closed, in a fixed number of queries. */
final class PeriodCheck
{
    private const MOST = 100;

    /** As the index of what is not settled says it, so that it is found by that. */
    private const UNSETTLED = "entries.state <> 'settled'";

    public function of(Day $until, Day $today): PeriodProps
    {
        $organisation = Organisation::query()->sole();
        $closedUntil = $organisation->closed_until?->toString();
        $sums = self::sums($until);

        return new PeriodProps(
            $closedUntil,
            $until->toString(),
            $this->people($until),
            $this->approvers($until, $today),
            self::open($until)->distinct()->count('person_id'),
            $sums->openEntries,
            $sums->openMinutes,
            $this->corrected($closedUntil),
            Correction::query()->waiting()->where('date', '<=', $until->toString())->count(),
            $sums->openExpenses,
            $sums->expenses->count,
            $sums->entries->count,
            $sums->entries->minutes,
            $sums->recognised(),
            (int) SettlingBatch::query()->where('subject', SettlingSubject::Entries)->sum('size'),
            $organisation->week_due,
            Week::containing($until)->toString(),
            Week::containing($until)->number(),
            $this->acts(),
        );
    }

    /** Time up to a day that is not approved. */
    public static function open(Day $until): Builder
    {
        return self::unsettled()->where('entries.date', '<=', $until->toString())->whereRaw("entries.state IN ('draft', 'returned', 'submitted') AND ".self::UNSETTLED);
    }

    /** Approved time up to a day, which closing settles. */
    public static function settling(Day $until): Builder
    {
        $approved = self::unsettled()->where('entries.date', '<=', $until->toString())->whereRaw("entries.state = 'approved' AND ".self::UNSETTLED);

        return self::besideSettling($approved, SettlingSubject::Entries);
    }

    /**
     * Approved expenses up to a day, which closing settles too.
     *
     * @return EloquentBuilder<Expense>
     */
    public static function settlingExpenses(Day $until): EloquentBuilder
    {
        $approved = self::unsettledExpenses($until, EntryState::Approved);
        self::besideSettling($approved->getQuery(), SettlingSubject::Expenses);

        return $approved;
    }

    /** Without what an earlier closing is still settling. */
    private static function besideSettling(Builder $approved, SettlingSubject $subject): Builder
    {
        return SettlingBatch::query()->where('subject', $subject)->exists()
            ? $approved->whereNotIn($subject->value.'.id', DB::query()->from(Sql::listed('settling_batches', 'numbers'))->where('subject', $subject)->select('value'))
            : $approved;
    }

    /** @return EloquentBuilder<Expense> by the index of what is not settled, as that says it */
    private static function unsettledExpenses(Day $until, EntryState ...$states): EloquentBuilder
    {
        return Expense::query()->where('date', '<=', $until->toString())->where('state', '<>', Sql::value(EntryState::Settled->value))->whereIn('state', array_map(static fn (EntryState $state): Sql => Sql::value($state->value), $states));
    }

    /** Found by the index of what is not settled, also where statistics would have all days of the past read instead. */
    private static function unsettled(): Builder
    {
        return ByIndex::of('entries', 'entries_unsettled');
    }

    /** By which what is open and what would be settled are recognised: whatever changes makes it another. */
    public static function seen(Day $until): string
    {
        return self::sums($until)->recognised();
    }

    /**
     * What is open and what would be settled, in four queries.
     *
     * @param  bool  $isClosing  whether it is to be settled now, so that it is asked which it is
     */
    public static function sums(Day $until, bool $isClosing = false): PeriodSums
    {
        $rows = $isClosing ? SettlingRows::listed(...) : SettlingRows::summed(...);
        $open = Record::all(self::open($until)->addSelect(Sql::count('entries'), Sql::total('entries.minutes', 'minutes'), Sql::total('entries.version', 'versions')))[0];

        return new PeriodSums(
            $open->int('entries'), $open->int('minutes'), $open->int('versions'),
            $rows(self::settling($until)->select('entries.id', 'entries.minutes', 'entries.version')),
            self::unsettledExpenses($until, EntryState::Draft, EntryState::Returned, EntryState::Submitted)->count(),
            $rows(self::settlingExpenses($until)->toBase()->select('expenses.id', Sql::number(0, 'minutes'), 'expenses.version')),
        );
    }

    /** @return list<OpenTimeProps> */
    private function people(Day $until): array
    {
        $query = self::open($until)->join('people', 'people.id', 'entries.person_id')
            ->select('people.code', 'people.name')
            ->selectRaw("sum(CASE entries.state WHEN 'submitted' THEN 0 ELSE entries.minutes END) AS unsubmitted")
            ->selectRaw("sum(CASE entries.state WHEN 'submitted' THEN entries.minutes ELSE 0 END) AS waiting, min(entries.date) AS first")
            ->groupBy('people.id')->orderByDesc('unsubmitted')->orderByDesc('waiting')->orderBy('people.name')->limit(self::MOST);

        return array_map(static fn (Record $person): OpenTimeProps => new OpenTimeProps(
            $person->string('code'), $person->string('name'), $person->int('unsubmitted'), $person->int('waiting'), $person->string('first'),
            Week::containing(Day::of($person->string('first')))->toString(),
        ), Record::all($query));
    }

    /** @return list<ApproverTimeProps> */
    private function approvers(Day $until, Day $today): array
    {
        return array_map(static fn (Undecided $one): ApproverTimeProps => new ApproverTimeProps(
            $one->approver?->code, $one->approver?->name, array_map(static fn (Person $standIn): string => $standIn->name, $one->standIns),
            $one->entries, $one->people, $one->expenses, $one->corrections, $one->first,
        ), array_slice(UndecidedTime::upTo($until, $today), 0, self::MOST));
    }

    /** @return list<CorrectedTimeProps> */
    private function corrected(?string $since): array
    {
        $query = Correction::query()->toBase()->join('people', 'people.id', 'corrections.person_id')->join('tasks', 'tasks.id', 'corrections.task_id')
            ->where('corrections.state', 'accepted')->when($since !== null, static fn (Builder $later): Builder => $later->where('corrections.decided_at', '>', $since))
            ->select('people.name', 'tasks.name AS task', 'corrections.date', 'corrections.minutes_before', 'corrections.minutes', 'corrections.reason')
            ->orderByDesc('corrections.id')->limit(self::MOST);

        return array_map(static fn (Record $one): CorrectedTimeProps => new CorrectedTimeProps(
            $one->string('name'), $one->string('task'), $one->string('date'), $one->int('minutes_before'), $one->int('minutes'), $one->string('reason'),
        ), Record::all($query));
    }

    /** @return list<PeriodActProps> */
    private function acts(): array
    {
        $query = BesideEntries::lines()->leftJoin('people', 'people.id', 'audit_trail.actor_id')->where('audit_trail.subject', 'period')
            ->select('audit_trail.at', 'people.name', 'audit_trail.act', 'audit_trail.why')->addSelect(Sql::field('audit_trail.after', 'until', 'until'))
            ->orderByDesc('audit_trail.id')->limit(self::MOST);

        return array_map(static fn (Record $act): PeriodActProps => new PeriodActProps(
            $act->string('at'), $act->stringOrNull('name') ?? Wording::refusal('the_system'), $act->string('act'), $act->stringOrNull('until'), $act->string('why'),
        ), Record::all($query));
    }
}
