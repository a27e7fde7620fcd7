<?php

declare(strict_types=1);

namespace Tests\App\Effort;

use App\Effort\Recalculation\RecalculationScope;
use App\Effort\Recalculation\RecalculationUnits;
use App\Models\Project;
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
