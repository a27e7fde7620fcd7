<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Actions;

use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use App\Support\Database\Record;
use Illuminate\Database\Eloquent\Builder;
use Moss\Core\Schedule\ScheduleDifference;

/** Whom and which roles the codes of a schedule mean; read all at once. */
final readonly class ScheduleCodes
{
    /**
     * @param  array<array-key, int>  $people  ids by code
     * @param  array<array-key, int>  $teams  likewise
     * @param  array<array-key, int>  $roles  likewise
     */
    private function __construct(private array $people, private array $teams, private array $roles)
    {
    }

    /** @param  list<ScheduleDifference>  $ofWork */
    public static function of(array $ofWork): self
    {
        $codes = ['person' => [], 'team' => []];
        foreach ($ofWork as $one) {
            [$kind, $code] = explode(':', $one->assignee ?? 'person:', 2);
            $codes[$kind][] = $code;
        }

        return new self(
            self::ids(Person::query()->whereIn('code', array_unique($codes['person']))),
            self::ids(Team::query()->whereIn('code', array_unique($codes['team']))),
            self::ids(Role::query()),
        );
    }

    /** @return array{person_id: int|null, team_id: int|null} */
    public function assignee(string $text): array
    {
        [$kind, $code] = explode(':', $text, 2);

        return $kind === 'team' ? ['person_id' => null, 'team_id' => $this->teams[$code]] : ['person_id' => $this->people[$code], 'team_id' => null];
    }

    public function role(string $code): ?int
    {
        return $code === '' ? null : $this->roles[$code];
    }

    /**
     * @param  Builder<Person>|Builder<Role>|Builder<Team>  $query
     * @return array<array-key, int> by code
     */
    private static function ids(Builder $query): array
    {
        $ids = [];
        foreach (Record::all($query->select('id', 'code')) as $row) {
            $ids[$row->string('code')] = $row->int('id');
        }

        return $ids;
    }
}
