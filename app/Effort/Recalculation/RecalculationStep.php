<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use App\Effort\Totals\StoredTotals;

/** Recalculates the next few totals, people, tasks or projects of what is queued. */
final readonly class RecalculationStep
{
    public function __construct(private RecalculationQueue $queue, private RecalculationUnits $units, private StoredTotals $totals)
    {
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
            $this->totals->recorded($keys);
            $this->queue->advance($queued, $keys === [] ? null : $queued->place + count($keys), count($keys));

            return true;
        }
        [$ids, $place] = $this->units->after($scope, $queued->place);
        if ($ids !== []) {
            $this->refresh($scope, $ids);
        }
        $this->queue->advance($queued, $ids === [] ? null : $place, count($ids));

        return true;
    }

    /** @param  non-empty-list<int>  $ids */
    private function refresh(RecalculationScope $scope, array $ids): void
    {
        if ($scope->kind === RecalculationKind::Tasks && $scope->hasPlans()) {
            $this->totals->plans($ids);
        }
        match ($scope->kind) {
            RecalculationKind::RecordedKeys => null,
            RecalculationKind::RecordedPeople => $this->totals->costs($ids, $scope->text('from')),
            RecalculationKind::RecordedSums => $this->totals->sums($ids),
            RecalculationKind::Planned => $this->totals->plannedDays($ids),
            RecalculationKind::Tasks => $this->totals->figures($ids),
            RecalculationKind::Projects => $this->totals->projects($ids),
        };
    }
}
