<?php

declare(strict_types=1);

namespace App\Features\Load\Queries;

use App\Features\Load\Requests\LoadQuestion;
use App\Models\Access;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use App\Sheet\PersonWorkTime;
use App\Support\Database\Rows;
use Illuminate\Database\Eloquent\Builder;

/** Whose load somebody may look at: the time office everybody's, line managers their people's, project managers that of whom they plan. */
final class LoadedPeople
{
    /** @return list<LoadedPerson> by name */
    public static function of(Person $reader, LoadQuestion $asked): array
    {
        $people = Person::query()->where('access', '<>', Access::Viewer)
            ->where(static fn (Builder $employed): Builder => $employed->whereNull('ends_on')->orWhere('ends_on', '>=', $asked->days->first()->toString()))
            ->where(static fn (Builder $employed): Builder => $employed->whereNull('starts_on')->orWhere('starts_on', '<=', $asked->days->last()->toString()))
            ->when($asked->teams !== [], static fn (Builder $some): Builder => $some->whereIn('team_id', Team::query()->whereIn('code', $asked->teams)->select('id')))
            ->when($asked->roles !== [], static fn (Builder $some): Builder => $some->whereIn('role_id', Role::query()->whereIn('code', $asked->roles)->select('id')))
            ->when($asked->people !== [], static fn (Builder $some): Builder => $some->whereIn('code', $asked->people));
        if (! $reader->isOffice()) {
            $people->where(static fn (Builder $theirs): Builder => $theirs->where('id', $reader->id)->orWhere('manager_id', $reader->id)
                ->orWhereIn('id', Assignment::query()->join('tasks', 'tasks.id', 'assignments.task_id')->join('projects', 'projects.id', 'tasks.project_id')
                    ->where('projects.manager_id', $reader->id)->whereNotNull('assignments.person_id')->select('assignments.person_id')));
        }

        return Rows::of(LoadedPerson::class, Person::query()->toBase()->joinSub($people->select('id AS loaded_id'), 'loaded', 'loaded.loaded_id', 'people.id')
            ->leftJoin('teams', 'teams.id', 'people.team_id')->leftJoin('roles', 'roles.id', 'people.role_id')->orderBy('people.name')->orderBy('people.id')
            ->select('people.code', 'people.name', 'teams.name AS team', 'roles.name AS role', ...PersonWorkTime::COLUMNS));
    }
}
