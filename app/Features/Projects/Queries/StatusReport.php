<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Effort\EffortReader;
use App\Effort\EffortScope;
use App\Effort\RatesInForce;
use App\Models\Project;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Money\Pricing;

/**
 * The figures at completion of projects on a day, at any level; in a fixed number of queries for every fifty projects.
 */
final class StatusReport
{
    private const PROJECTS_AT_ONCE = 50;

    /** What stands for the unassigned hours of a task among its assignees. */
    public const UNASSIGNED = 'unassigned';

    /**
     * @param  list<string>  $codes  of projects; none for all
     * @return list<StatusRow> in the order of project, phase, task and assignee code
     */
    public function rows(StatusLevel $level, Day $today, array $codes = []): array
    {
        $projects = [];
        $query = Project::query()->toBase()->select('id', 'code')->orderBy('code')
            ->when($codes !== [], static fn (Builder $query) => $query->whereIn('code', $codes));
        foreach (Record::all($query) as $record) {
            $projects[$record->int('id')] = $record->string('code');
        }
        $pricing = $codes === [] ? RatesInForce::load() : RatesInForce::ofProjects(array_keys($projects));
        $rows = [];
        foreach (array_chunk($projects, self::PROJECTS_AT_ONCE, true) as $chunk) {
            array_push($rows, ...$this->ofProjects($level, $chunk, $pricing, $today));
        }

        return $rows;
    }

    /**
     * What is read of them is forgotten with them.
     *
     * @param  non-empty-array<int, string>  $projects  codes by id
     * @return list<StatusRow>
     */
    private function ofProjects(StatusLevel $level, array $projects, Pricing $pricing, Day $today): array
    {
        $byProject = array_fill_keys($projects, []);
        $read = (new EffortReader)->priced(EffortScope::projects(array_keys($projects)), $pricing, $today);
        $forecasting = new Forecasting($pricing, $today, $read->plans->capacities());
        foreach ($read->tasks as $effort) {
            $byProject[$effort->task->project][] = $effort;
        }
        $rows = [];
        foreach ($byProject as $project => $tasks) {
            array_push($rows, ...$this->ofProject($level, (string) $project, $tasks, $forecasting));
        }

        return $rows;
    }

    /**
     * @param  list<TaskEffort>  $tasks  in the order of phase and code
     * @return list<StatusRow>
     */
    private function ofProject(StatusLevel $level, string $project, array $tasks, Forecasting $forecasting): array
    {
        if ($level === StatusLevel::Project) {
            return [new StatusRow($project, null, null, null, self::sum($tasks, $forecasting))];
        }
        if ($level === StatusLevel::Phase) {
            $byPhase = [];
            foreach ($tasks as $effort) {
                $byPhase[$effort->task->phase ?? ''][] = $effort;
            }
            $rows = [];
            foreach ($byPhase as $phase => $efforts) {
                $rows[] = new StatusRow($project, (string) $phase, null, null, self::sum($efforts, $forecasting));
            }

            return $rows;
        }
        $rows = [];
        foreach ($tasks as $effort) {
            array_push($rows, ...$this->ofTask($level, $effort, $forecasting));
        }

        return $rows;
    }

    /** @return list<StatusRow> */
    private function ofTask(StatusLevel $level, TaskEffort $effort, Forecasting $forecasting): array
    {
        $task = $effort->task;
        if ($level === StatusLevel::Task) {
            return [new StatusRow($task->project, $task->phase, $task->code, null, $forecasting->ofTask($effort))];
        }
        $rows = [];
        foreach ($forecasting->ofAssignees($effort) as $part) {
            $rows[] = new StatusRow($task->project, $task->phase, $task->code, $part->assignee->code ?? self::UNASSIGNED, $part->figures);
        }

        return $rows;
    }

    /** @param  list<TaskEffort>  $tasks */
    private static function sum(array $tasks, Forecasting $forecasting): Figures
    {
        $sum = Figures::zero();
        foreach ($tasks as $effort) {
            $sum = $sum->plus($forecasting->ofTask($effort));
        }

        return $sum;
    }
}
