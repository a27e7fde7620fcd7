<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The people, tasks or projects that a scope stands for, in the order of their numbers. */
final readonly class RecalculationUnits
{
    /** Scopes of some people or tasks name them from then on, so that they are looked for once and not by every step. */
    public function named(RecalculationScope $scope): RecalculationScope
    {
        return $scope->isOfSome() ? $scope->ofIds($scope->kind === RecalculationKind::RecordedPeople ? 'people' : 'tasks', self::ids(self::query($scope))) : $scope;
    }

    public function count(RecalculationScope $scope): int
    {
        return $scope->kind === RecalculationKind::RecordedKeys ? count($scope->keys()) : self::query($scope)->count();
    }

    /** @return list<int> the next after a place, as many as a step takes */
    public function after(RecalculationScope $scope, int $place): array
    {
        return self::ids(self::query($scope)->where('id', '>', $place)->orderBy('id')->limit($scope->kind->atOnce()));
    }

    /** @return list<int> */
    private static function ids(Builder $query): array
    {
        return array_values(array_filter($query->pluck('id')->all(), is_int(...)));
    }

    private static function query(RecalculationScope $scope): Builder
    {
        return match ($scope->kind) {
            RecalculationKind::RecordedKeys, RecalculationKind::Projects => DB::table('projects')->select('id'),
            RecalculationKind::RecordedPeople => self::people($scope),
            RecalculationKind::Planned, RecalculationKind::Tasks => self::tasks($scope),
        };
    }

    private static function people(RecalculationScope $scope): Builder
    {
        $query = DB::table('people')->select('id');
        $people = $scope->ids('people');
        if ($people !== null) {
            return $query->whereIntegerInRaw('id', $people);
        }
        $role = $scope->int('role');

        return $role === null ? $query : $query->where(static fn (Builder $either): Builder => $either->where('role_id', $role)
            ->orWhereIn('id', DB::table('recorded_weeks')->where('role_id', $role)->where('starts_on', '>=', self::monthBefore($scope->text('from')))->select('person_id')));
    }

    private static function tasks(RecalculationScope $scope): Builder
    {
        $query = DB::table('tasks')->select('tasks.id');
        $tasks = $scope->ids('tasks');
        if ($tasks !== null) {
            return $query->whereIntegerInRaw('tasks.id', $tasks);
        }
        $person = $scope->int('person');
        if ($person !== null) {
            return $query->where(static fn (Builder $any): Builder => $any
                ->whereIn('tasks.id', DB::table('assignments')->where('person_id', $person)->select('task_id'))
                ->when($scope->kind === RecalculationKind::Tasks, static fn (Builder $also): Builder => $also
                    ->orWhereIn('tasks.id', DB::table('recorded_weeks')->where('person_id', $person)->select('task_id'))
                    ->orWhereIn('tasks.id', DB::table('remaining_estimates')->where('person_id', $person)->select('task_id'))));
        }
        $date = $scope->text('date');

        return $date === '' ? $query : $query->where(static fn (Builder $any): Builder => $any
            ->whereIn('tasks.id', DB::table('assignments')->where('starts_on', '<=', $date)->where('ends_on', '>=', $date)->select('task_id'))
            ->orWhereIn('tasks.id', DB::table('tasks')->join('projects', 'projects.id', 'tasks.project_id')->whereNotNull('tasks.planned_minutes')
                ->whereRaw("coalesce(tasks.starts_on, projects.starts_on, '') <= ?", [$date])->whereRaw("coalesce(tasks.ends_on, projects.ends_on, '9') >= ?", [$date])->select('tasks.id')));
    }

    /** A part of a week may begin before the day that it holds. */
    private static function monthBefore(string $date): string
    {
        return substr($date, 0, 8).'01';
    }
}
