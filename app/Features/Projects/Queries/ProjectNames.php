<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Models\Person;
use App\Models\Task;
use App\Models\Team;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Planning\Assignee;

/** What tasks, and those who hold or record on them, are called. In three queries. */
final readonly class ProjectNames
{
    /**
     * @param  array<int, string>  $tasks  by id
     * @param  array<string, NamedAssignee>  $people  by code
     * @param  array<string, NamedAssignee>  $teams  by code
     */
    private function __construct(private array $tasks, private array $people, private array $teams)
    {
    }

    public static function of(int $project): self
    {
        $tasks = [];
        foreach (Record::all(Task::query()->toBase()->select('id', 'name')->where('project_id', $project)) as $record) {
            $tasks[$record->int('id')] = $record->string('name');
        }
        $on = static fn (string $table, string $column): Builder => DB::table($table)->join('tasks', 'tasks.id', $table.'.task_id')
            ->where('tasks.project_id', $project)->whereNotNull($table.'.'.$column)->select($table.'.'.$column);
        $people = Person::query()->toBase()->select('id', 'code', 'name', 'code AS member')
            ->whereIn('id', $on('assignments', 'person_id')->union($on('recorded_weeks', 'person_id'))->union($on('remaining_estimates', 'person_id')));
        $teams = Team::query()->toBase()->select('id', 'code', 'name')->whereIn('id', $on('assignments', 'team_id'))
            ->selectSub(Person::query()->toBase()->whereColumn('people.team_id', 'teams.id')->where('access', '<>', 'viewer')->addSelect(Sql::min('people.code')), 'member');

        return new self($tasks, self::byCode($people), self::byCode($teams));
    }

    public function task(int $id): string
    {
        return $this->tasks[$id] ?? '';
    }

    public function person(string $code): string
    {
        return isset($this->people[$code]) ? $this->people[$code]->name : $code;
    }

    public function personId(string $code): ?int
    {
        return isset($this->people[$code]) ? $this->people[$code]->id : null;
    }

    /** Empty for nobody. */
    public function assignee(?Assignee $assignee): string
    {
        return match (true) {
            $assignee === null => '',
            $assignee->isTeam => isset($this->teams[$assignee->code]) ? $this->teams[$assignee->code]->name : $assignee->code,
            default => $this->person($assignee->code),
        };
    }

    /** @return array{int|null, int|null} the ids of person and team, one of which is null */
    public function assigneeIds(Assignee $assignee): array
    {
        return $assignee->isTeam
            ? [null, isset($this->teams[$assignee->code]) ? $this->teams[$assignee->code]->id : null]
            : [$this->personId($assignee->code), null];
    }

    /** The code of a person whose estimate counts for the assignee; null where a team has nobody. */
    public function speaker(Assignee $assignee): ?string
    {
        return $assignee->isTeam ? ($this->teams[$assignee->code] ?? null)?->member : $assignee->code;
    }

    /** A code holds no colon, so a team cannot be taken for a person. */
    public static function inAddress(?Assignee $assignee): string
    {
        return $assignee === null ? 'nobody' : ($assignee->isTeam ? 'team:' : 'person:').$assignee->code;
    }

    /** @return array<string, NamedAssignee> */
    private static function byCode(Builder $query): array
    {
        $byCode = [];
        foreach (Rows::of(NamedAssignee::class, $query) as $one) {
            $byCode[$one->code] = $one;
        }

        return $byCode;
    }
}
