<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Queries;

use App\Models\ClientSystem;
use App\Models\ClientSystemDay;
use App\Models\Entry;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Agreement\ComparedDay;
use Moss\Core\Agreement\TwoSystems;
use Moss\Core\Calendar\DayRange;

/** What a client's system and we have of people on some days. In two queries. */
final class BothSystems
{
    /**
     * @param  int|null  $person  null for everybody
     * @return array<int, list<ComparedDay>> by person
     */
    public static function of(ClientSystem $system, DayRange $days, ?int $person = null): array
    {
        [$first, $last] = [max($days->first()->toString(), $system->starts_on->toString()), $days->last()->toString()];
        $here = self::byPerson(Entry::query()->toBase()->join('tasks', 'tasks.id', 'entries.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->where('projects.client_id', $system->client_id)->whereBetween('entries.date', [$first, $last])->when($person !== null, static fn (Builder $own): Builder => $own->where('entries.person_id', $person))
            ->groupBy('entries.person_id', 'entries.date', 'entries.charge_code', 'tasks.charge_code')->select('entries.person_id', 'entries.date')->addSelect(Sql::first(['entries.charge_code', 'tasks.charge_code'], 'charge_code'), Sql::sum('entries.minutes', 'minutes')));
        $there = self::byPerson(ClientSystemDay::query()->toBase()->join('client_system_people', 'client_system_people.id', 'client_system_days.client_system_person_id')
            ->where('client_system_people.client_system_id', $system->id)->whereNotNull('client_system_people.person_id')->whereBetween('client_system_days.date', [$first, $last])
            ->when($person !== null, static fn (Builder $own): Builder => $own->where('client_system_people.person_id', $person))
            ->select('client_system_people.person_id', 'client_system_days.date', 'client_system_days.charge_code', 'client_system_days.minutes'));
        $compared = [];
        foreach (array_unique([...array_keys($here), ...array_keys($there)]) as $id) {
            $compared[$id] = TwoSystems::compare($here[$id] ?? [], $there[$id] ?? [], $system->charge_code_heading !== '');
        }
        ksort($compared);

        return $compared;
    }

    /** @return array<int, array<string, array<array-key, int>>> minutes by person, day and charge code */
    private static function byPerson(Builder $query): array
    {
        $minutes = [];
        foreach (Record::all($query) as $row) {
            $code = $row->stringOrNull('charge_code') ?? '';
            $minutes[$row->int('person_id')][$row->string('date')][$code] = ($minutes[$row->int('person_id')][$row->string('date')][$code] ?? 0) + $row->int('minutes');
        }

        return $minutes;
    }
}
