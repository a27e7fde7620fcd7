<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Queries;

use App\Models\ClientSystem;
use App\Models\ClientSystemDay;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Moss\Core\Agreement\ComparedDay;
use Moss\Core\Agreement\TwoSystems;
use Moss\Core\Calendar\DayRange;

/** What a client's system and we have of people on some days. In a fixed number of queries. */
final class BothSystems
{
    /**
     * @param  int|null  $person  null for everybody
     * @return array<int, list<ComparedDay>> by person
     */
    public static function of(ClientSystem $system, DayRange $days, ?int $person = null): array
    {
        [$first, $last] = [max($days->first()->toString(), $system->starts_on->toString()), $days->last()->toString()];
        $here = HoursHere::of($system, $first, $last, $person);
        $there = CodeAndKind::sums(array_map(static fn (Record $row): array => [$row->int('person_id'), $row->string('date'), $row->string('charge_code'), [$row->string('pay_kind') => $row->int('minutes')]], Record::all(ClientSystemDay::query()->toBase()->join('client_system_people', 'client_system_people.id', 'client_system_days.client_system_person_id')
            ->where('client_system_people.client_system_id', $system->id)->whereNotNull('client_system_people.person_id')->whereBetween('client_system_days.date', [$first, $last])
            ->when($person !== null, static fn (Builder $own): Builder => $own->where('client_system_people.person_id', $person))
            ->select('client_system_people.person_id', 'client_system_days.date', 'client_system_days.charge_code', 'client_system_days.pay_kind', 'client_system_days.minutes'))), $system);
        $compared = [];
        foreach (array_unique([...array_keys($here), ...array_keys($there)]) as $id) {
            $compared[$id] = TwoSystems::compare($here[$id] ?? [], $there[$id] ?? [], $system->charge_code_heading !== '' || $system->pay_kind_heading !== '');
        }
        ksort($compared);

        return $compared;
    }
}
