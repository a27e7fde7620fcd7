<?php

declare(strict_types=1);

namespace App\Features\Month\Props;

use App\Sheet\Props\DayProps;

/** A person's month, in minutes. */
final readonly class MonthProps
{
    /**
     * @param  string  $month  `2026-06`
     * @param  string|null  $before  the month before; null where there can be no work in it
     * @param  list<DayProps>  $days
     * @param  list<string>  $weeks  the week of each day, `2026-W25`
     * @param  list<MonthLineProps>  $lines
     * @param  list<int>  $entered  on each day, on all lines
     * @param  int  $free  what is expected of the days on which nothing is submitted yet, and not entered
     */
    public function __construct(
        public string $month,
        public ?string $before,
        public ?string $after,
        public array $days,
        public array $weeks,
        public array $lines,
        public array $entered,
        public int $total,
        public int $expected,
        public int $free,
    ) {
    }
}
