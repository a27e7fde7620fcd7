<?php

declare(strict_types=1);

namespace App\Features\People\Queries;

use App\Features\People\Props\PeopleProps;
use App\Features\People\Props\PersonListRowProps;
use App\Models\Access;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\TextSearch;
use Illuminate\Database\Query\Builder;

/** People, a page at a time, in three queries. */
final readonly class PeopleList
{
    private const AT_ONCE = 50;

    private const SORTS = ['name' => ['people.name'], 'team' => ['teams.name', 'people.name'], 'first-day' => ['people.starts_on', 'people.name'], 'last-day' => ['people.ends_on', 'people.name']];

    public function __construct(private Today $today)
    {
    }

    public function page(PeopleFilter $filter, int $page): PeopleProps
    {
        $found = TextSearch::narrow($this->inState($filter->state), $filter->search, ['people.name', 'people.email', 'people.code'])
            ->leftJoin('teams', 'teams.id', 'people.team_id')
            ->when($filter->team !== '', static fn (Builder $of): Builder => $of->where('teams.code', $filter->team));
        $count = (clone $found)->count();
        $pages = max(1, (int) ceil($count / self::AT_ONCE));
        $page = min($page, $pages);
        foreach (self::SORTS[$filter->sort] ?? [] as $column) {
            $found->orderBy($column);
        }
        $rows = Record::all($found->orderBy('people.id')->forPage($page, self::AT_ONCE)
            ->leftJoin('people AS managers', 'managers.id', 'people.manager_id')->leftJoin('roles', 'roles.id', 'people.role_id')
            ->select('people.code', 'people.name', 'people.email', 'teams.name AS team', 'managers.name AS manager', 'roles.name AS role', 'people.access', 'people.starts_on', 'people.ends_on'));

        return new PeopleProps($filter->search, $filter->state, $filter->team, $filter->sort, $this->inState('working')->count(), $count, array_map(static fn (Record $row): PersonListRowProps => new PersonListRowProps(
            $row->string('code'), $row->string('name'), $row->string('email'), $row->stringOrNull('team'), $row->stringOrNull('manager'), $row->stringOrNull('role'),
            Access::from($row->string('access')), $row->stringOrNull('starts_on'), $row->stringOrNull('ends_on'),
        ), $rows), $page, $pages);
    }

    private function inState(string $state): Builder
    {
        $today = $this->today->in('UTC')->toString();
        $people = Person::query()->toBase();

        return match ($state) {
            'coming' => $people->where('people.starts_on', '>', $today),
            'left' => $people->where('people.ends_on', '<', $today),
            'all' => $people,
            default => $people->where(static fn (Builder $begun): Builder => $begun->whereNull('people.starts_on')->orWhere('people.starts_on', '<=', $today))
                ->where(static fn (Builder $still): Builder => $still->whereNull('people.ends_on')->orWhere('people.ends_on', '>=', $today)),
        };
    }
}
