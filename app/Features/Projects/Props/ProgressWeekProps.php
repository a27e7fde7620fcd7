<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use Moss\Core\Effort\ProgressWeek;

/** A week of a project's progress, in minutes. */
final readonly class ProgressWeekProps
{
    /**
     * @param  string  $week  as in ISO 8601, `2026-W25`
     * @param  int  $remaining  of what remains, what may be done in this week
     * @param  int  $plannedSoFar  with all weeks before
     * @param  int  $forecastSoFar  entered and remaining, with all weeks before
     */
    public function __construct(
        public string $week,
        public string $monday,
        public int $planned,
        public int $actual,
        public int $pending,
        public int $remaining,
        public int $plannedSoFar,
        public int $forecastSoFar,
    ) {
    }

    public static function of(ProgressWeek $week): self
    {
        return new self(
            $week->week->toString(),
            $week->week->monday()->toString(),
            $week->planned->toInt(),
            $week->actual->toInt(),
            $week->pending->toInt(),
            $week->remaining->toInt(),
            $week->plannedSoFar->toInt(),
            $week->forecastSoFar->toInt(),
        );
    }
}
