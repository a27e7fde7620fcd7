<?php

declare(strict_types=1);

namespace App\Features\Learning\Queries;

use App\Features\Learning\Props\PastForecastProps;
use App\Features\Learning\Props\SpreadProps;
use App\Models\Project;
use App\Models\TaskFigures;
use App\Support\Database\Record;
use Moss\Core\Learning\PastCase;
use Moss\Core\Learning\PastSpread;
use Moss\Core\Time\Minutes;

/**
 * What a project would come to if its open tasks turn out as finished ones of its manager did, or, where those are too few, as
 * everybody's: each at least what has been entered on it; tasks that are done as they are.
 */
final class PastForecasts
{
    public static function of(Project $project): ?PastForecastProps
    {
        if ($project->internal) {
            return null;
        }
        // Everybody's are read only where the manager's own are too few.
        $manager = $project->manager;
        $own = PastSpread::of(self::cases(PastTasks::whole($manager)));
        $spread = $own ?? PastSpread::of(self::cases(PastTasks::whole(null)));
        if ($spread === null) {
            return null;
        }
        [$usual, $least, $most, $open] = [0, 0, 0, 0];
        $rows = TaskFigures::query()->toBase()->join('tasks', 'tasks.id', 'task_figures.task_id')->where('task_figures.project_id', $project->id)
            ->select('tasks.done_on', 'task_figures.planned_minutes', 'task_figures.actual_minutes', 'task_figures.pending_minutes');
        foreach (Record::all($rows) as $row) {
            $entered = $row->int('actual_minutes') + $row->int('pending_minutes');
            $planned = Minutes::of($row->int('planned_minutes'));
            $isOpen = $row->stringOrNull('done_on') === null && ! $planned->isZero();
            $open += $isOpen ? 1 : 0;
            $usual += $isOpen ? max($entered, $spread->usual($planned)->toInt()) : $entered;
            $least += $isOpen ? max($entered, $spread->least($planned)->toInt()) : $entered;
            $most += $isOpen ? max($entered, $spread->most($planned)->toInt()) : $entered;
        }

        return $open === 0 ? null : new PastForecastProps($own === null ? null : $manager->name, SpreadProps::of($spread), $usual, $least, $most);
    }

    /**
     * @param  list<PastTask>  $tasks
     * @return list<PastCase>
     */
    private static function cases(array $tasks): array
    {
        return array_map(static fn (PastTask $task): PastCase => $task->case, $tasks);
    }
}
