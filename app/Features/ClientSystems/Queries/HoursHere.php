<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Queries;

use App\Models\ClientSystem;
use App\Models\Entry;
use App\Pay\EntryKinds;
use App\Pay\PayEntry;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What is recorded here of a client's time, told apart as its own system tells it. */
final class HoursHere
{
    /**
     * @param  int|null  $person  null for everybody
     * @return array<int, array<string, array<array-key, int>>> minutes by person, day, and charge code and kind of pay as one `CodeAndKind`
     */
    public static function of(ClientSystem $system, string $first, string $last, ?int $person = null): array
    {
        $entries = Entry::query()->toBase()->join('tasks', 'tasks.id', 'entries.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->where('projects.client_id', $system->client_id)->whereBetween('entries.date', [$first, $last])->when($person !== null, static fn (Builder $own): Builder => $own->where('entries.person_id', $person))
            ->select('entries.person_id', 'entries.date')->addSelect(Sql::first(['entries.charge_code', 'tasks.charge_code'], 'charge_code'));

        return $system->pay_kind_heading === ''
            ? CodeAndKind::sums(array_map(static fn (Record $sum): array => [$sum->int('person_id'), $sum->string('date'), $sum->stringOrNull('charge_code') ?? '', ['' => $sum->int('minutes')]], Record::all($entries->groupBy('entries.person_id', 'entries.date', 'entries.charge_code', 'tasks.charge_code')->addSelect(Sql::sum('entries.minutes', 'minutes')))), $system)
            : self::byKind($entries, $system);
    }

    /** @return array<int, array<string, array<array-key, int>>> */
    private static function byKind(Builder $entries, ClientSystem $system): array
    {
        $rows = Record::all($entries->addSelect('entries.id', 'entries.task_id', 'entries.role_id', 'entries.minutes', 'entries.state', 'entries.corrects'));
        $kinds = EntryKinds::of(array_map(static fn (Record $row): PayEntry => new PayEntry(
            $row->int('id'), $row->int('person_id'), $row->int('task_id'), $row->intOrNull('role_id'), Day::of($row->string('date')), Minutes::of($row->int('minutes')),
            EntryState::from($row->string('state')), $row->stringOrNull('corrects') === null ? null : Day::of($row->string('corrects')),
        ), $rows));

        return CodeAndKind::sums(array_map(static fn (Record $row): array => [$row->int('person_id'), $row->string('date'), $row->stringOrNull('charge_code') ?? '', $kinds[$row->int('id')]], $rows), $system);
    }
}
