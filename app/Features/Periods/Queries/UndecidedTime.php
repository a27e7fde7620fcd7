<?php

declare(strict_types=1);

namespace App\Features\Periods\Queries;

use App\Models\Correction;
use App\Models\Expense;
use App\Models\Person;
use App\Models\StandIn;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;

/** Whose decision time, expenses and corrections up to a day wait for, in five queries. */
final readonly class UndecidedTime
{
    /** @return list<Undecided> those with most entries first */
    public static function upTo(Day $until, Day $today): array
    {
        // What is open up to the day is looked through, rather than everything that waits: before a closing it is little.
        $entries = self::byApprover(self::submitted(PeriodCheck::open($until), 'entries'), 'entries', $until, Sql::different('entries.person_id', 'people'));
        $expenses = self::byApprover(self::submitted(Expense::query()->toBase(), 'expenses'), 'expenses', $until);
        $corrections = self::byApprover(Correction::query()->waiting()->toBase(), 'corrections', $until);
        $ids = array_keys($entries + $expenses + $corrections);
        $people = Person::query()->whereKey($ids)->select('id', 'code', 'name')->get()->keyBy('id')->all();
        $standIns = self::standIns($ids, $today);
        $undecided = [];
        foreach ($ids as $id) {
            $first = $until->toString();
            foreach ([$entries, $expenses, $corrections] as $waiting) {
                $first = min($first, isset($waiting[$id]) ? $waiting[$id]->string('first') : $first);
            }
            $undecided[] = new Undecided(
                $people[$id] ?? null,
                $standIns[$id] ?? [],
                self::number($entries[$id] ?? null, 'waiting'),
                self::number($entries[$id] ?? null, 'people'),
                self::number($expenses[$id] ?? null, 'waiting'),
                self::number($corrections[$id] ?? null, 'waiting'),
                $first,
            );
        }
        usort($undecided, static fn (Undecided $one, Undecided $other): int => [$other->entries, $one->first, $one->approver?->name] <=> [$one->entries, $other->first, $other->approver?->name]);

        return $undecided;
    }

    private static function number(?Record $record, string $column): int
    {
        return $record?->int($column) ?? 0;
    }

    private static function submitted(Builder $all, string $table): Builder
    {
        return $all->where($table.'.state', Sql::value(EntryState::Submitted->value));
    }

    /** @return array<int, Record> by approver; by 0 where the time office decides */
    private static function byApprover(Builder $waiting, string $table, Day $until, Sql ...$more): array
    {
        $waiting->where($table.'.date', '<=', $until->toString())->groupBy($table.'.approver_id')
            ->select($table.'.approver_id AS approver', Sql::count('waiting'), Sql::min($table.'.date', 'first'), ...$more);
        $byApprover = [];
        foreach (Record::all($waiting) as $record) {
            $byApprover[$record->intOrNull('approver') ?? 0] = $record;
        }

        return $byApprover;
    }

    /**
     * @param  list<int>  $approvers
     * @return array<int, list<Person>> by approver
     */
    private static function standIns(array $approvers, Day $today): array
    {
        $standIns = [];
        $active = StandIn::query()->with('standIn:id,code,name')->whereIn('person_id', $approvers)
            ->where('starts_on', '<=', $today->toString())->where('ends_on', '>=', $today->toString())->orderBy('id');
        foreach ($active->get() as $one) {
            $standIns[$one->person_id][] = $one->standIn;
        }

        return $standIns;
    }
}
