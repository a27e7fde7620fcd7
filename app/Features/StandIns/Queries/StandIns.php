<?php

declare(strict_types=1);

namespace App\Features\StandIns\Queries;

use App\Features\StandIns\Props\StandInProps;
use App\Features\StandIns\Props\StandInsProps;
use App\Lookup\Props\OptionProps;
use App\Models\Person;
use App\Models\StandIn;
use App\Models\StandInProject;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;

/** Stand-ins, now and to come; in a fixed number of queries. */
final class StandIns
{
    public function of(Person $reader, Day $today): StandInsProps
    {
        $standIns = Record::all($this->current($today)->when(! $reader->isOffice(), static fn (Builder $own): Builder => $own->where(
            static fn (Builder $who): Builder => $who->where('stand_ins.person_id', $reader->id)->orWhere('stand_ins.stand_in_id', $reader->id),
        )));
        $projects = $this->projects(array_map(static fn (Record $one): int => $one->int('id'), $standIns));
        $props = static fn (Record $one): StandInProps => new StandInProps(
            $one->int('id'), $one->string('principal'), $one->string('stand_in'), $one->string('starts_on'), $one->string('ends_on'), $projects[$one->int('id')] ?? [],
            $one->string('starts_on') <= $today->toString(),
        );
        $mine = static fn (Record $one): bool => $one->int('stand_in_id') === $reader->id;

        return new StandInsProps(
            array_map($props, array_values(array_filter($standIns, static fn (Record $one): bool => $reader->isOffice() || ! $mine($one)))),
            array_map($props, array_values(array_filter($standIns, $mine))),
            $reader->isOffice(),
            new OptionProps($reader->code, $reader->name),
            $today->toString(),
        );
    }

    private function current(Day $today): Builder
    {
        return StandIn::query()->toBase()
            ->join('people AS principals', 'principals.id', 'stand_ins.person_id')
            ->join('people AS others', 'others.id', 'stand_ins.stand_in_id')
            ->where('stand_ins.ends_on', '>=', $today->toString())
            ->select('stand_ins.id', 'stand_ins.stand_in_id', 'stand_ins.starts_on', 'stand_ins.ends_on', 'principals.name AS principal', 'others.name AS stand_in')
            ->orderBy('stand_ins.starts_on')->orderBy('principals.name')->orderBy('stand_ins.id');
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, list<string>>
     */
    private function projects(array $ids): array
    {
        $projects = [];
        foreach (Record::all(StandInProject::query()->toBase()->join('projects', 'projects.id', 'stand_in_projects.project_id')
            ->whereIntegerInRaw('stand_in_projects.stand_in_id', $ids)->select('stand_in_projects.stand_in_id', 'projects.name')->orderBy('projects.name')) as $one) {
            $projects[$one->int('stand_in_id')][] = $one->string('name');
        }

        return $projects;
    }
}
