<?php

declare(strict_types=1);

namespace App\Features\Figures\Queries;

use App\Features\Projects\Queries\RatesInForce;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Money\Pricing;
use Moss\Core\Sheet\Entry;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** The entries of persons, tasks, roles and months, priced one by one and summed up. In three queries. */
final class EntriesOfMonths
{
    /** @var array<string, Day> */
    private array $days = [];

    /**
     * @param  non-empty-list<array<array-key, string|int|null>>  $keys  task, person, role (0 for none) and month
     * @return list<array{task_id: int, person_id: int, role_id: int, month: string, actual_minutes: int, pending_minutes: int, actual_cents: int, pending_cents: int, actual_unrated: int, pending_unrated: int}> those with entries
     */
    public function sums(array $keys): array
    {
        $pricing = RatesInForce::of(array_values(array_unique(array_map(static fn (array $key): int => (int) array_values($key)[1], $keys))));
        $sums = [];
        foreach ($this->entries($keys) as $entry) {
            $key = implode(' ', $entry->only('task_id', 'person_id', 'role_id', 'month'));
            $sums[$key] ??= [
                'task_id' => $entry->int('task_id'), 'person_id' => $entry->int('person_id'), 'role_id' => $entry->int('role_id'), 'month' => $entry->string('month'),
                'actual_minutes' => 0, 'pending_minutes' => 0, 'actual_cents' => 0, 'pending_cents' => 0, 'actual_unrated' => 0, 'pending_unrated' => 0,
            ];
            $effort = $this->priced($entry, $pricing);
            $kind = $effort->isActual ? 'actual' : 'pending';
            $sums[$key][$kind.'_minutes'] += $effort->minutes->toInt();
            $sums[$key][$kind.'_cents'] += $effort->value->cents();
            $sums[$key][$kind.'_unrated'] += $effort->cost->unrated->toInt();
        }

        return array_values($sums);
    }

    private function priced(Record $entry, Pricing $pricing): RecordedEffort
    {
        return RecordedEffort::priced(new Entry(
            $entry->string('person'),
            null,
            $entry->stringOrNull('role'),
            $this->days[$entry->string('date')] ??= Day::of($entry->string('date')),
            Minutes::of($entry->int('minutes')),
            EntryState::from($entry->string('state')),
        ), $pricing);
    }

    /**
     * @param  non-empty-list<array<array-key, string|int|null>>  $keys
     * @return iterable<Record>
     */
    private function entries(array $keys): iterable
    {
        $months = DB::query()->fromRaw('json_each(?)', [json_encode($keys, JSON_THROW_ON_ERROR)])
            ->selectRaw('value ->> 0 AS task_id, value ->> 1 AS person_id, value ->> 2 AS role_id, value ->> 3 AS month');

        return Record::each(DB::query()->fromSub($months, 'months')
            ->crossJoin('entries')
            ->join('people', 'people.id', 'entries.person_id')
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->whereColumn('entries.person_id', 'months.person_id')->whereColumn('entries.task_id', 'months.task_id')
            ->whereRaw("entries.date BETWEEN months.month || '-01' AND months.month || '-31'")
            ->whereRaw('coalesce(entries.role_id, 0) = months.role_id')
            ->select('months.task_id', 'months.person_id', 'months.role_id', 'months.month', 'people.code AS person', 'roles.code AS role', 'entries.date', 'entries.minutes', 'entries.state'));
    }
}
