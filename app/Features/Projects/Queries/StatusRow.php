<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use Moss\Core\Effort\Figures;

/** The figures of one project, phase, task or assignee. */
final readonly class StatusRow
{
    public const COLUMNS = [
        'project', 'phase', 'task', 'assignee', 'planned', 'entered', 'actual', 'pending', 'remaining', 'forecast', 'variance', 'variance_pct',
        'planned_cost', 'actual_cost', 'forecast_cost', 'unrated_planned', 'unrated_entered', 'budget', 'budget_left',
        'pv', 'ev', 'ac', 'cpi', 'spi',
    ];

    public function __construct(
        public string $project,
        public ?string $phase,
        public ?string $task,
        public ?string $assignee,
        public Figures $figures,
    ) {
    }

    /** @return array<string, string|int|null> minutes as numbers; money, percentages and indices as decimal text */
    public function cells(): array
    {
        $figures = $this->figures;
        $value = $figures->earnedValue;

        return array_combine(self::COLUMNS, [
            $this->project,
            $this->phase,
            $this->task,
            $this->assignee,
            $figures->planned->toInt(),
            $figures->entered()->toInt(),
            $figures->actual->toInt(),
            $figures->pending->toInt(),
            $figures->remaining->toInt(),
            $figures->forecast()->toInt(),
            $figures->variance()->toInt(),
            $figures->variancePercentage()?->__toString(),
            $figures->plannedCost->known->toString(),
            $figures->actualCost->known->toString(),
            $figures->forecastCost->known->toString(),
            $figures->plannedCost->unrated->toInt(),
            $figures->enteredCost->unrated->toInt(),
            $figures->budget?->toString(),
            $figures->budgetLeft()?->toString(),
            $value->planned->toString(),
            $value->earned->toString(),
            $value->actual->toString(),
            $value->costIndex()?->__toString(),
            $value->scheduleIndex()?->__toString(),
        ]);
    }
}
