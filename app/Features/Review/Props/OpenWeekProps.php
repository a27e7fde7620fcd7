<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

use App\Features\Week\Props\DayProps;

/** The week that is open beside the list. */
final readonly class OpenWeekProps
{
    /**
     * @param  int  $entered  all of the person's time in the week, whoever decides on it
     * @param  list<DayProps>  $days
     * @param  list<int>  $dayTotals  of what waits, seven, Monday first
     * @param  list<WaitingLineProps>  $lines
     * @param  list<string>  $standingInFor
     */
    public function __construct(
        public string $personCode,
        public string $personName,
        public string $week,
        public int $number,
        public int $owed,
        public int $entered,
        public int $minutes,
        public array $days,
        public array $dayTotals,
        public array $lines,
        public array $standingInFor,
    ) {
    }
}
