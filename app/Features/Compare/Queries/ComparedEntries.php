<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Compare\Props\ComparedEntryProps;
use App\Models\Entry;
use App\Models\Person;
use App\Policies\WholeWeeks;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Selection;
use Moss\Core\Sheet\EntryState;

/** The entries behind a figure of a comparison, the latest first; in a fixed number of queries. */
final class ComparedEntries
{
    private const AT_ONCE = 100;

    /** @return array{list<ComparedEntryProps>, int} those that are shown, and how many there are */
    public function of(Person $reader, ComparisonQuestion $asked, Selection $selection, OpenedFigure $figure): array
    {
        $query = self::entries($asked, $selection, $figure, ComparableWork::of($reader));
        $count = Record::all((clone $query)->addSelect(Sql::count('number')))[0]->int('number');
        $entries = Record::all($query->orderByDesc('entries.date')->orderBy('people.name')->orderBy('entries.id')->limit(self::AT_ONCE)
            ->select('entries.date', 'entries.minutes', 'entries.state', 'entries.note', 'people.id AS person_id', 'people.code AS person_code', 'people.name AS person', 'projects.name AS project', 'tasks.name AS task', 'projects.manager_id'));
        $open = WholeWeeks::among($reader, array_values(array_unique(array_map(static fn (Record $entry): int => $entry->int('person_id'), $entries))));

        return [array_map(static fn (Record $entry): ComparedEntryProps => new ComparedEntryProps(
            $entry->string('date'),
            isset($open[$entry->int('person_id')]) || (! $reader->isViewer() && $entry->int('manager_id') === $reader->id) ? Week::containing(Day::of($entry->string('date')))->toString() : null,
            $entry->string('person_code'),
            $entry->string('person'),
            $entry->string('project'),
            $entry->string('task'),
            $entry->int('minutes'),
            EntryState::from($entry->string('state')),
            $entry->string('note'),
        ), $entries), $count];
    }

    private static function entries(ComparisonQuestion $asked, Selection $selection, OpenedFigure $figure, ComparableWork $work): Builder
    {
        $isActual = static fn (EntryState $state): bool => $state->isActual() || $asked->withPending;
        $states = array_filter(EntryState::cases(), $figure === OpenedFigure::Actual ? $isActual : static fn (EntryState $state): bool => ! $state->isActual());
        $query = $work->narrow(Entry::query()->toBase())
            ->join('people', 'people.id', 'entries.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->leftJoin('roles AS own_roles', 'own_roles.id', 'entries.role_id')->leftJoin('roles AS usual_roles', 'usual_roles.id', 'people.role_id')
            ->join('tasks', 'tasks.id', 'entries.task_id')->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->join('projects', 'projects.id', 'tasks.project_id')->leftJoin('clients', 'clients.id', 'projects.client_id')
            ->join('people AS managers', 'managers.id', 'projects.manager_id')
            ->whereBetween('entries.date', [$asked->days->first()->toString(), $asked->days->last()->toString()])
            ->whereIn('entries.state', array_values($states));
        foreach (['projects.code' => $selection->projects, 'people.code' => $selection->persons, 'teams.code' => $selection->teams, 'clients.code' => $selection->clients, 'managers.code' => $selection->managers] as $column => $codes) {
            $query->when($codes !== [], static fn (Builder $named): Builder => $named->whereIn($column, $codes));
        }
        $query->when($selection->internal !== null, static fn (Builder $some): Builder => $some->where('projects.internal', $selection->internal));
        foreach ($selection->groups as [$grouping, $code]) {
            self::narrow($query, $grouping, $code);
        }

        return $query;
    }

    private static function narrow(Builder $query, Grouping $grouping, string $code): void
    {
        [$project, $part] = [...explode('/', $code, 2), ''];
        match ($grouping) {
            Grouping::Project => self::is($query, 'projects.code', $code),
            Grouping::Phase => self::is($query->where('projects.code', $project), 'phases.name', $part),
            Grouping::Task => self::is($query->where('projects.code', $project), 'tasks.code', $part),
            Grouping::Person => self::is($query, 'people.code', $code),
            Grouping::Team => self::is($query, 'teams.code', $code),
            Grouping::Client => self::is($query, 'clients.code', $code),
            Grouping::Manager => self::is($query, 'managers.code', $code),
            Grouping::ChargeCode => self::is($query, 'tasks.charge_code', $code),
            // Its own, else the person's usual one.
            Grouping::Role => $query->where(static fn (Builder $either): Builder => $either->where('own_roles.code', $code)
                ->orWhere(static fn (Builder $usual): Builder => self::is($usual->whereNull('own_roles.code'), 'usual_roles.code', $code))),
            Grouping::Quarter, Grouping::Month, Grouping::Week => self::during($query, $grouping->daysOf($code)),
        };
    }

    private static function is(Builder $query, string $column, string $code): Builder
    {
        return $code === Grouping::NONE ? $query->whereNull($column) : $query->where($column, $code);
    }

    private static function during(Builder $query, ?DayRange $days): Builder
    {
        return $days === null ? $query->whereIn('entries.id', []) : $query->whereBetween('entries.date', [$days->first()->toString(), $days->last()->toString()]);
    }
}
