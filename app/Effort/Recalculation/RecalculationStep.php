<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use App\Effort\Totals\PlannedTotals;
use App\Effort\Totals\PlanSteps;
use App\Effort\Totals\ProjectTotals;
use App\Effort\Totals\RecordedTotals;
use App\Effort\Totals\TaskTotals;

/** Recalculates the next few people, tasks or projects of what is queued. */
final readonly class RecalculationStep
{
    public function __construct(
        private RecalculationQueue $queue,
        private RecalculationUnits $units,
        private RecordedTotals $recorded,
        private PlannedTotals $planned,
        private PlanSteps $steps,
        private TaskTotals $tasks,
        private ProjectTotals $projects,
    ) {
    }

    /** @return bool whether anything was queued */
    public function handle(): bool
    {
        $queued = $this->queue->next();
        if ($queued === null) {
            return false;
        }
        $scope = $queued->scope;
        if ($scope->kind === RecalculationKind::RecordedKeys) {
            $keys = array_slice($scope->keys(), $queued->place, $scope->kind->atOnce());
            $this->recorded->refresh($keys);
            $this->queue->advance($queued, $keys === [] ? null : $queued->place + count($keys), count($keys));

            return true;
        }
        $ids = $this->units->after($scope, $queued->place, $scope->kind->atOnce());
        if ($ids !== []) {
            $this->refresh($scope, $ids);
        }
        $this->queue->advance($queued, $ids === [] ? null : end($ids), count($ids));

        return true;
    }

    /** @param  non-empty-list<int>  $ids */
    private function refresh(RecalculationScope $scope, array $ids): void
    {
        match ($scope->kind) {
            RecalculationKind::RecordedKeys => null,
            RecalculationKind::RecordedPeople => $this->sums($this->recorded->refreshPeople($ids, $scope->text('from'))),
            RecalculationKind::Planned => $this->planned->refresh($ids),
            RecalculationKind::Tasks => $this->plansAndFigures($ids, ($scope->values['plans'] ?? false) === true),
            RecalculationKind::Projects => $this->projects->refresh($ids, null),
        };
    }

    /** @param  non-empty-list<int>  $tasks */
    private function plansAndFigures(array $tasks, bool $withPlans): void
    {
        if ($withPlans) {
            $this->steps->refresh($tasks);
            $this->planned->refresh($tasks);
        }
        $this->figures($tasks);
    }

    /** @param  list<int>  $tasks */
    private function figures(array $tasks): void
    {
        if ($tasks !== []) {
            $this->projects->refresh(...$this->tasks->refresh($tasks));
        }
    }

    /** @param  list<int>  $tasks */
    private function sums(array $tasks): void
    {
        if ($tasks !== []) {
            $this->projects->refresh($this->tasks->refreshSums($tasks), []);
        }
    }
}
