<?php

declare(strict_types=1);

namespace App\Features\Month\Props;

use App\Sheet\Props\DayProps;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;

/** A person's month, or the days of their timesheet where that is another period. */
final readonly class MonthProps
{
    /**
     * @param  string  $at  the days: `2026-06`, `2026-W25`, or the first and the last one
     * @param  string|null  $before  the days before; null where there can be no work in them
     * @param  DayUnit|null  $unit  in which their team counts; null for hours
     * @param  bool  $isTimesheet  whether these days are one timesheet, submitted as a whole
     * @param  list<DayProps>  $days
     * @param  list<string>  $weeks  the week of each day, `2026-W25`
     * @param  list<MonthLineProps>  $lines
     * @param  list<MonthSumProps>  $entered  on each day, on all lines
     * @param  list<MonthSumProps>  $expected  of each day
     * @param  MonthSumProps  $free  what is expected of the days on which nothing is submitted yet, and not entered
     * @param  int  $open  minutes that can be submitted
     * @param  int  $submitted  minutes that are submitted and wait
     */
    public function __construct(
        public string $person,
        public string $at,
        public ?string $before,
        public ?string $after,
        public TimesheetPeriod $period,
        public ?DayUnit $unit,
        public bool $isTimesheet,
        public array $days,
        public array $weeks,
        public array $lines,
        public array $entered,
        public array $expected,
        public MonthSumProps $enteredInAll,
        public MonthSumProps $expectedInAll,
        public MonthSumProps $free,
        public int $open,
        public int $submitted,
    ) {
    }
}
