<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** A person's week. */
final readonly class WeekProps
{
    /**
     * @param  bool  $mayRecord  whether the reader may write here
     * @param  list<DayProps>  $days
     * @param  list<LineProps>  $lines  by project, then task
     * @param  list<RibbonWeekProps>  $ribbon
     */
    public function __construct(
        public string $week,
        public int $number,
        public string $personCode,
        public string $personName,
        public bool $isOwn,
        public bool $mayRecord,
        public string $thisWeek,
        public int $owed,
        public array $days,
        public array $lines,
        public TotalsProps $totals,
        public array $ribbon,
    ) {
    }
}
