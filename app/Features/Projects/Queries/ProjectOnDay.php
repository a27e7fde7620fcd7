<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Effort\EffortReader;
use App\Effort\EffortScope;
use App\Effort\PlanReader;
use App\Effort\RatesInForce;
use App\Effort\WorkingTime;
use App\Models\Project;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\AssigneeFigures;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Money\Pricing;
use Moss\Core\Planning\Capacities;

/** How a project stands on a day: its tasks with everything recorded on them, and their figures. In a fixed number of queries. */
final readonly class ProjectOnDay
{
    /**
     * @param  array<int, TaskEffort>  $efforts  by task id, in the order of phase and code
     * @param  array<int, list<AssigneeFigures>>  $parts  figures of assignees by task id
     * @param  array<int, Figures>  $figures  by task id
     */
    private function __construct(
        public Project $project,
        public Day $today,
        public WorkingTime $working,
        public Capacities $capacities,
        public Pricing $pricing,
        public Forecasting $forecasting,
        public array $efforts,
        public array $parts,
        public array $figures,
        public Figures $whole,
    ) {
    }

    public static function of(Project $project, Day $today): self
    {
        $plans = new PlanReader;
        $pricing = RatesInForce::ofProjects([$project->id]);
        $read = (new EffortReader($plans))->priced(EffortScope::projects([$project->id]), $pricing, $today);
        $forecasting = new Forecasting($pricing, $today, $read->plans->capacities());
        $efforts = $read->tasks;
        $parts = array_map($forecasting->ofAssignees(...), $efforts);
        $figures = [];
        foreach ($efforts as $id => $effort) {
            $figures[$id] = Forecasting::sum($effort, $parts[$id]);
        }
        $whole = array_reduce($figures, static fn (Figures $sum, Figures $task): Figures => $sum->plus($task), Figures::zero());

        return new self($project, $today, $plans->working(), $read->plans->capacities(), $pricing, $forecasting, $efforts, $parts, $figures, $whole);
    }

    /** The last day for which work that is not done is planned; null where none is. */
    public function lastPlannedDay(): ?Day
    {
        $last = null;
        foreach ($this->efforts as $effort) {
            foreach ($effort->isDone() ? [] : $effort->task->assignments as $assignment) {
                $day = $assignment->days->last();
                $last = $last === null ? $day : Day::later($last, $day);
            }
        }

        return $last;
    }
}
