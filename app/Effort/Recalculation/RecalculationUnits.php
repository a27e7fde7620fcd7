<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use App\Models\Assignment;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecordedMonth;
use App\Models\RecordedWeek;
use App\Models\RemainingEstimate;
use App\Models\Task;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;

/**
 * The people, tasks or projects that a scope stands for, in the order of their numbers; tasks by project, since what is summed up of
 * whole projects is summed up with each step.
 */
final readonly class RecalculationUnits
{
    /** A place among tasks holds the number of the project, times this, and that of the task. */
    private const TASKS_OF_PROJECT = 1 << 32;

    /** Scopes of some people or tasks name them from then on, so that they are looked for once and not by every step. */
    public function named(RecalculationScope $scope): RecalculationScope
    {
        return $scope->isOfSome() ? $scope->ofIds($scope->kind === RecalculationKind::RecordedPeople ? 'people' : 'tasks', self::ids(self::query($scope))) : $scope;
    }

    public function count(RecalculationScope $scope): int
    {
        return $scope->kind === RecalculationKind::RecordedKeys ? count($scope->keys()) : self::query($scope)->count();
    }

    /** @return array{list<int>, int} the next after a place, as many as a step takes, and the place of the last */
    public function after(RecalculationScope $scope, int $place): array
    {
        if ($scope->kind->isOfTasks()) {
            return self::tasksAfter($scope, $place);
        }
        $ids = self::ids(self::query($scope)->where('id', '>', $place)->orderBy('id')->limit($scope->kind->atOnce()));

        return [$ids, $ids === [] ? $place : end($ids)];
    }

    /** @return array{list<int>, int} */
    private static function tasksAfter(RecalculationScope $scope, int $place): array
    {
        $next = [];
        foreach (StreamedRows::of(self::query($scope)->whereRowValues(['tasks.project_id', 'tasks.id'], '>', [intdiv($place, self::TASKS_OF_PROJECT), $place % self::TASKS_OF_PROJECT])
            ->orderBy('tasks.project_id')->orderBy('tasks.id')->limit($scope->kind->atOnce())->addSelect('tasks.project_id')) as $row) {
            /** @var array{int, int} $row */
            $next[] = $row;
        }
        if ($next === []) {
            return [[], $place];
        }
        $last = $next[count($next) - 1][1];
        // A project that goes on is left to the next step, unless it is more than a step takes.
        if (count($next) === $scope->kind->atOnce() && $next[0][1] !== $last) {
            $next = array_values(array_filter($next, static fn (array $task): bool => $task[1] !== $last));
        }
        [$task, $project] = $next[count($next) - 1];

        return [array_column($next, 0), $project * self::TASKS_OF_PROJECT + $task];
    }

    /** @return list<int> */
    private static function ids(Builder $query): array
    {
        return array_values(array_filter($query->pluck('id')->all(), is_int(...)));
    }

    private static function query(RecalculationScope $scope): Builder
    {
        return match ($scope->kind) {
            RecalculationKind::RecordedKeys, RecalculationKind::Projects => Project::query()->toBase()->select('id'),
            RecalculationKind::RecordedPeople => self::people($scope),
            RecalculationKind::RecordedSums, RecalculationKind::Planned, RecalculationKind::Tasks => self::tasks($scope),
        };
    }

    private static function people(RecalculationScope $scope): Builder
    {
        $query = Person::query()->toBase()->select('id');
        $people = $scope->ids('people');
        if ($people !== null) {
            return $query->whereIntegerInRaw('id', $people);
        }
        $role = $scope->int('role');

        // Asked of each person, by their index: what everybody recorded is many times as much.
        return $role === null ? $query : $query->where(static fn (Builder $either): Builder => $either->where('role_id', $role)
            ->orWhereExists(RecordedMonth::query()->toBase()->whereColumn('recorded_months.person_id', 'people.id')->where('recorded_months.role_id', $role)->where('month', '>=', self::month($scope->text('from')))->select('month')));
    }

    private static function tasks(RecalculationScope $scope): Builder
    {
        $query = Task::query()->toBase()->select('tasks.id');
        $tasks = $scope->ids('tasks');
        if ($tasks !== null) {
            return $query->whereIntegerInRaw('tasks.id', $tasks);
        }
        $person = $scope->int('person');
        if ($person !== null && $scope->kind === RecalculationKind::RecordedSums) {
            return $query->whereIn('tasks.id', RecordedWeek::query()->toBase()->where('person_id', $person)->where('starts_on', '>=', self::month($scope->text('from')))->select('task_id'));
        }
        if ($person !== null) {
            return $query->where(static fn (Builder $any): Builder => $any
                ->whereIn('tasks.id', Assignment::query()->toBase()->where('person_id', $person)->select('task_id'))
                ->when($scope->kind === RecalculationKind::Tasks, static fn (Builder $also): Builder => $also
                    ->orWhereIn('tasks.id', RecordedWeek::query()->toBase()->where('person_id', $person)->select('task_id'))
                    ->orWhereIn('tasks.id', RemainingEstimate::query()->toBase()->where('person_id', $person)->select('task_id'))));
        }
        $date = $scope->text('date');

        return $date === '' ? $query : $query->where(static fn (Builder $any): Builder => $any
            ->whereIn('tasks.id', Assignment::query()->toBase()->where('starts_on', '<=', $date)->where('ends_on', '>=', $date)->select('task_id'))
            ->orWhereIn('tasks.id', Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')->whereNotNull('tasks.planned_minutes')
                ->where(Sql::first(['tasks.starts_on', 'projects.starts_on'], none: ''), '<=', $date)->where(Sql::first(['tasks.ends_on', 'projects.ends_on'], none: '9'), '>=', $date)->select('tasks.id')));
    }

    /** The first day of the month of a day. */
    private static function month(string $date): string
    {
        return substr($date, 0, 8).'01';
    }
}
