<?php

declare(strict_types=1);

namespace Tests\App\Effort;

use App\Effort\Recalculation\RecalculationScope;
use App\Effort\Recalculation\RecalculationUnits;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecordedWeek;
use App\Models\Task;
use Tests\App\TestCase;

/** Steps of a recalculation, of 25 tasks at most. */
final class RecalculationUnitsTest extends TestCase
{
    public function test_tasks_come_once_each_and_project_by_project_however_they_were_made(): void
    {
        // The first has more tasks than a step takes.
        $projects = array_map(static fn (): Project => Project::factory()->create(), range(1, 4));
        foreach (range(1, 40) as $number) {
            foreach ($projects as $place => $project) {
                if ($place === 0 || $number <= 8) {
                    Task::factory()->for($project)->create();
                }
            }
        }

        $steps = self::steps(RecalculationScope::workingTime());

        $taken = array_merge(...$steps);
        self::assertSame(Task::query()->orderBy('project_id')->orderBy('id')->pluck('id')->all(), $taken);
        self::assertSame([[0], [0, 1], [2, 3]], array_map(static fn (array $step): array => array_values(array_unique(array_map(static fn (int $task): int => (int) array_search(Task::query()->findOrFail($task)->project_id, array_column($projects, 'id'), true), $step))), $steps));
    }

    public function test_named_tasks_are_those_that_are_left(): void
    {
        $tasks = array_map(static fn (): int => Task::factory()->create()->id, range(1, 12));

        self::assertSame([array_slice($tasks, 1, 9), array_slice($tasks, 10)], self::steps(RecalculationScope::figures(array_slice($tasks, 1))));
    }

    public function test_costs_are_summed_up_by_the_tasks_of_whoever_they_are_of(): void
    {
        [$ada, $bo] = [Person::factory()->create(), Person::factory()->create()];
        $tasks = array_map(static fn (): int => Task::factory()->create()->id, range(1, 4));
        foreach ([[0, $ada, '2026-05-25'], [1, $ada, '2026-06-01'], [2, $bo, '2026-06-01'], [3, $ada, '2026-06-08']] as [$task, $person, $week]) {
            RecordedWeek::query()->create(['task_id' => $tasks[$task], 'person_id' => $person->id, 'starts_on' => $week, 'actual_minutes' => 60]);
        }

        $ofAda = RecalculationScope::costOfPerson($ada->id, '2026-06-05')->sums();
        $ofRole = RecalculationScope::costOfRole(1, '2026-06-05')->sums();
        self::assertNotNull($ofAda);
        self::assertNotNull($ofRole);
        self::assertSame([[$tasks[1], $tasks[3]]], self::steps($ofAda), 'From the month of the day on.');
        self::assertSame([$tasks], self::steps($ofRole));
        self::assertNull(RecalculationScope::workingTime()->sums());
    }

    /** @return list<list<int>> */
    private static function steps(RecalculationScope $scope): array
    {
        $units = new RecalculationUnits;
        [$steps, $place] = [[], 0];
        while (count($steps) < 100) {
            [$tasks, $place] = $units->after($scope, $place);
            if ($tasks === []) {
                return $steps;
            }
            $steps[] = $tasks;
        }
        self::fail('It never ends.');
    }
}
