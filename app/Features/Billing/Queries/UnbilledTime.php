<?php

declare(strict_types=1);

namespace App\Features\Billing\Queries;

use App\Models\BillingFile;
use App\Models\BillingKind;
use App\Models\BillingLine;
use App\Models\ClientSystemWeek;
use App\Models\Entry;
use App\Support\Database\ByIndex;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;

/**
 * Approved and settled time that has not been billed, or paid, yet: each entry once, corrections of settled ones by themselves. Time before
 * the first day of the first file is none of it: it was billed elsewhere, or never will be.
 */
final class UnbilledTime
{
    /**
     * @param  int|null  $client  null for all
     * @param  Day  $from  from which on, where there was no file before
     */
    public static function of(BillingKind $kind, ?int $client, Day $from, Day $until): Builder
    {
        return self::among(Entry::query()->toBase()->whereIn('entries.state', [EntryState::Approved->value, EntryState::Settled->value]), $kind, $client, $from, $until);
    }

    /** What would be in it once it is approved. */
    private static function unapproved(BillingKind $kind, ?int $client, Day $from, Day $until): Builder
    {
        // By the index of what is not settled, as that says it.
        $unapproved = ByIndex::of('entries', 'entries_unsettled')->where('entries.state', '<>', Sql::value(EntryState::Settled->value))
            ->whereIn('entries.state', [EntryState::Draft->value, EntryState::Returned->value, EntryState::Submitted->value]);

        return self::among($unapproved, $kind, $client, $from, $until);
    }

    private static function among(Builder $entries, BillingKind $kind, ?int $client, Day $from, Day $until): Builder
    {
        $first = BillingFile::query()->toBase()->where('kind', $kind->value)->where(static fn (Builder $files): Builder => $files->whereNull('client_id')->when($client !== null, static fn (Builder $own): Builder => $own->orWhere('client_id', $client)))->min('starts_on');

        return $entries->join('tasks', 'tasks.id', 'entries.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->whereBetween('entries.date', [is_string($first) ? min($first, $from->toString()) : $from->toString(), $until->toString()])
            ->whereNotExists(BillingLine::query()->toBase()->select(Sql::value(1))->whereColumn('billing_lines.entry_id', 'entries.id')->where('billing_lines.kind', $kind->value))
            ->when($client !== null, static fn (Builder $of): Builder => $of->where('projects.client_id', $client))
            ->when($kind === BillingKind::Bill, static fn (Builder $billed): Builder => $billed->whereNotNull('projects.client_id')->where(self::isBillable(...))->whereNotExists(self::openWeek()));
    }

    /** A week in which the client's own system does not have the same yet. */
    private static function openWeek(): Builder
    {
        return ClientSystemWeek::query()->toBase()->join('client_systems', 'client_systems.id', 'client_system_weeks.client_system_id')->select(Sql::value(1))
            ->whereColumn('client_systems.client_id', 'projects.client_id')->whereColumn('client_system_weeks.person_id', 'entries.person_id')
            ->whereColumn('client_system_weeks.monday', '<=', 'entries.date')->whereColumn('client_system_weeks.sunday', '>=', 'entries.date');
    }

    /** As its entry says, else its task, else its project. */
    private static function isBillable(Builder $either): Builder
    {
        return $either->where('entries.billable', true)
            ->orWhere(static fn (Builder $task): Builder => $task->whereNull('entries.billable')->where('tasks.billable', true))
            ->orWhere(static fn (Builder $project): Builder => $project->whereNull('entries.billable')->whereNull('tasks.billable')->where('projects.billable', true));
    }

    /** @return array{minutes: int, entries: int, late: int, unapproved: int, seen: string} what a file would have, how much of it lies before the first day, what is not approved, and by which it is recognised */
    public static function sums(BillingKind $kind, ?int $client, Day $from, Day $until): array
    {
        $sums = ['minutes' => 0, 'entries' => 0, 'late' => 0];
        foreach (Record::all(self::of($kind, $client, $from, $until)->groupBy('entries.date')->select('entries.date', Sql::sum('entries.minutes', 'minutes'), Sql::count('entries'))) as $day) {
            $sums['minutes'] += $day->int('minutes');
            $sums['entries'] += $day->int('entries');
            $sums['late'] += $day->string('date') < $from->toString() ? $day->int('minutes') : 0;
        }
        $unapproved = Record::all(self::unapproved($kind, $client, $from, $until)->select(Sql::total('entries.minutes', 'minutes')))[0];

        return [...$sums, 'unapproved' => $unapproved->int('minutes'), 'seen' => $sums['entries'].' '.$sums['minutes']];
    }
}
