<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Effort\CostedMinutes;
use App\Effort\RatesInForce;
use App\Models\Entry;
use App\Models\EntryPayKind;
use App\Models\Person;
use App\Models\RecordedWeek;
use App\Models\Role;
use App\Support\Database\BulkRows;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Money\Cost;
use Moss\Core\Money\Pricing;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/**
 * What was recorded by task, person, role, week part and whether it is billable, with what it costs and would bill; every entry
 * is priced by itself. Stored in `recorded_weeks`, where role 0 stands for the person's usual one.
 */
final class RecordedTotals
{
    public const KEY = ['task_id', 'person_id', 'role_id', 'starts_on', 'billable'];

    /** Where an entry does not say itself whether it is billable, but its task. */
    public const BILLABLE_AS_TASK = 2;

    /** Minutes; cents of what has a rate; minutes of what has none; hundredths of hours, rounded for each entry; and what it would bill. */
    public const COLUMNS = [
        'actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents',
        'actual_unrated', 'pending_unrated', 'actual_hundredths', 'pending_hundredths',
        'actual_bill_cents', 'pending_bill_cents', 'actual_bill_unrated', 'pending_bill_unrated',
    ];

    private const ENTRY = ['entries.task_id', 'entries.person_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.state', 'entries.billable'];

    private const NOTHING = [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0];

    /** @var array<string, array{Day, string}> days and the first days of their parts, by the text of the day */
    private array $days = [];

    /** @var array<int, int> hundredths of hours by minutes */
    private array $hundredths = [];

    /** @var array<string, bool> whether time in a state is actual */
    private array $isActual = [];

    public function __construct(private readonly MonthTotals $months)
    {
    }

    /**
     * Recalculates some totals.
     *
     * @param  list<array{int, int, int, string}>  $keys  task, person, role and the first day of a part
     */
    public function refresh(array $keys): void
    {
        if ($keys === []) {
            return;
        }
        $sums = $this->sums($keys);
        $stored = array_merge(...array_map(static fn (array $key): array => [[...$key, 0], [...$key, 1], [...$key, self::BILLABLE_AS_TASK]], $keys));
        BulkRows::delete('recorded_weeks', self::KEY, array_values(array_filter($stored, static fn (array $key): bool => ! isset($sums[implode(' ', $key)]))));
        BulkRows::upsert('recorded_weeks', self::KEY, self::COLUMNS, array_values($sums));
        $this->months->refreshRecorded($keys);
    }

    /**
     * Recalculates all totals of some people from a day on.
     *
     * @param  list<int>  $people
     * @param  string  $from  `YYYY-MM-DD`
     */
    public function refreshPeople(array $people, string $from): void
    {
        // Parts of weeks end with their month, so that months can be added up of them too.
        $first = PeriodUnit::Month->firstDay(Day::of($from))->toString();
        $weeks = $this->addedOfPeople($people, $first);
        BulkRows::replace('recorded_weeks', self::KEY, self::COLUMNS, RecordedWeek::query()->toBase()->whereIntegerInRaw('person_id', $people)->where('starts_on', '>=', $first), $weeks);
        $this->months->refreshPeople($people, $first, $weeks);
    }

    /**
     * What is stored of tasks.
     *
     * @param  list<int>  $tasks
     * @return list<array{int, int, int, string}> task, person, role and the first day of a part, each once
     */
    public static function keysOf(array $tasks): array
    {
        $keys = $tasks === [] ? [] : StreamedRows::of(RecordedWeek::query()->toBase()->whereIntegerInRaw('task_id', $tasks)->distinct()->select('task_id', 'person_id', 'role_id', 'starts_on'));

        /** @var list<array{int, int, int, string}> */
        return [...$keys];
    }

    /**
     * What the totals of some people should be, by their keys.
     *
     * @param  list<int>  $people
     * @return array<string, non-empty-list<int|string>> the values of key and columns, by the key
     */
    public function sumsOfPeople(array $people): array
    {
        return $this->addedOfPeople($people, '');
    }

    /**
     * @param  non-empty-list<array{int, int, int, string}>  $keys
     * @return array<string, non-empty-list<int|string>> those with entries, by the key
     */
    private function sums(array $keys): array
    {
        $asked = array_map(fn (array $key): array => [$key[0], $key[1], $key[2], $key[3], WeekPart::containing(Day::of($key[3]))->days()->last()->toString()], $keys);
        $parts = DB::query()->fromRaw('json_each(?)', [json_encode($asked, JSON_THROW_ON_ERROR)])
            ->selectRaw('value ->> 0 AS task_id, value ->> 1 AS person_id, value ->> 2 AS role_id, value ->> 3 AS first, value ->> 4 AS last');
        $entries = DB::query()->fromSub($parts, 'parts')->crossJoin('entries')
            ->whereColumn('entries.person_id', 'parts.person_id')->whereColumn('entries.task_id', 'parts.task_id')
            ->whereColumn('entries.date', '>=', 'parts.first')->whereColumn('entries.date', '<=', 'parts.last')
            ->where(Sql::first(['entries.role_id'], none: 0), Sql::column('parts.role_id'));

        $entries->join('people', 'people.id', 'entries.person_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->select(self::ENTRY)->addSelect('people.code', 'roles.code AS role')->selectSub(CostedMinutes::beside(), 'costed');

        return $this->added($entries, RatesInForce::of(array_values(array_unique(array_column($keys, 1)))));
    }

    /**
     * What everything comes to that some people recorded from a day on. They may be thousands of entries each, so that nothing is
     * looked up of each of these that can be known before.
     *
     * @param  list<int>  $people
     * @return array<string, non-empty-list<int|string>> by the key
     */
    private function addedOfPeople(array $people, string $first): array
    {
        $entries = Entry::query()->toBase()->whereIntegerInRaw('entries.person_id', $people)->where('entries.date', '>=', $first)
            ->select(self::ENTRY)->addSelect(Sql::none('person'), Sql::none('role'));
        EntryPayKind::query()->exists() ? $entries->selectSub(CostedMinutes::beside(), 'costed') : $entries->addSelect(Sql::none('costed'));

        return $this->added($entries, RatesInForce::of($people), self::codes(Person::query()->toBase()->whereIntegerInRaw('id', $people)), self::codes(Role::query()->toBase()));
    }

    /** @return array<int, string> by number */
    private static function codes(Builder $rows): array
    {
        $codes = [];
        foreach (Record::all($rows->select('id', 'code')) as $row) {
            $codes[$row->int('id')] = $row->string('code');
        }

        return $codes;
    }

    /**
     * @param  array<int, string>  $people  codes of people, where the rows do not say them
     * @param  array<int, string>  $roles  likewise
     * @return array<string, non-empty-list<int|string>> by the key
     */
    private function added(Builder $entries, Pricing $pricing, array $people = [], array $roles = []): array
    {
        [$sums, $cents, $bills, $rates, $stretches] = [[], [], [], [], []];
        foreach (StreamedRows::of($entries) as $entry) {
            /** @var array{int, int, int|null, string, int, string, int|null, string|null, string|null, int|null} $entry */
            [$task, $person, $roleId, $date, $minutes, $state, $billable, $code, $role, $costed] = $entry;
            [$day, $part] = $this->days[$date] ??= self::dated($date);
            $key = $task.' '.$person.' '.($roleId ?? 0).' '.$part.' '.($billable ?? self::BILLABLE_AS_TASK);
            $sums[$key] ??= [$task, $person, $roleId ?? 0, $part, $billable ?? self::BILLABLE_AS_TASK, ...self::NOTHING];
            $inForce = $rates[$person][$roleId ?? 0][$stretches[$date] ??= $pricing->stretchOf($day)] ??= $pricing->rateInForce($code ?? $people[$person], $role ?? $roles[$roleId ?? 0] ?? null, $day) ?? false;
            [$rate, $bill] = $inForce === false ? [null, null] : [$inForce->cost, $inForce->bill];
            // The columns of pending time follow those of actual time.
            $place = count(self::KEY) + (($this->isActual[$state] ??= EntryState::from($state)->isActual()) ? 0 : 1);
            $sums[$key][$place] += $minutes;
            if ($rate === null) {
                $sums[$key][$place + 4] += $minutes;
            } else {
                $sums[$key][$place + 2] += $costed !== null ? $rate->costOfHundredths($costed)->cents() : $cents[spl_object_id($rate)][$minutes] ??= $rate->costOf(Minutes::of($minutes))->cents();
            }
            $sums[$key][$place + 6] += $this->hundredths[$minutes] ??= self::inHours($day, $minutes)->known->cents();
            if ($bill === null) {
                $sums[$key][$place + 10] += $minutes;
            } else {
                $sums[$key][$place + 8] += $bills[spl_object_id($bill)][$minutes] ??= $bill->costOf(Minutes::of($minutes))->cents();
            }
        }

        return $sums;
    }

    private static function inHours(Day $day, int $minutes): Cost
    {
        return Pricing::inHours()->cost(null, null, $day, Minutes::of($minutes));
    }

    /** @return array{Day, string} */
    private static function dated(string $date): array
    {
        $day = Day::of($date);

        return [$day, WeekPart::containing($day)->toString()];
    }
}
