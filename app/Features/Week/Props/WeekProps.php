<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use App\Features\Remaining\Props\TaskRemainingProps;
use App\OwnFields\Props\OwnFieldProps;
use App\Pay\Props\PayProps;
use App\Sheet\Props\DayProps;

/** A person's week. */
final readonly class WeekProps
{
    /**
     * @param  bool  $isWhole  whether all of the week is shown, or only what is on projects that the reader manages
     * @param  bool  $mayRecord  whether the reader may write here
     * @param  bool  $maySubmit  whether the reader may submit it
     * @param  int  $step  minutes that a stepper adds
     * @param  list<DayProps>  $days
     * @param  list<LineProps>  $lines  as their owner keeps them; else by project and task, internal ones last
     * @param  list<string>  $collapsed  codes of projects
     * @param  list<StretchProps>  $stretches  in the order of days and starts
     * @param  list<ClockDayProps>  $clockDays  with gaps or overlaps
     * @param  list<ProposalProps>  $proposals
     * @param  list<TaskRemainingProps>  $remaining  of tasks that the person or their team holds
     * @param  list<RibbonWeekProps>  $ribbon
     * @param  list<OwnFieldProps>  $fields  own fields of entries that are asked of the person
     * @param  PayProps|null  $pay  by kinds of pay; null where no rule holds
     * @param  bool  $explainsPencil  whether the reader sees pencil and ink for the first time
     */
    public function __construct(
        public string $week,
        public int $number,
        public string $personCode,
        public string $personName,
        public ?string $usualRole,
        public SheetAddressProps $at,
        public bool $isOwn,
        public bool $isWhole,
        public bool $mayRecord,
        public bool $maySubmit,
        public string $thisWeek,
        public int $expected,
        public int $step,
        public array $days,
        public array $lines,
        public array $collapsed,
        public TotalsProps $totals,
        public array $stretches,
        public array $clockDays,
        public array $proposals,
        public array $remaining,
        public PencilProps $pencil,
        public array $ribbon,
        public array $fields,
        public ?PayProps $pay,
        public bool $explainsPencil,
    ) {
    }
}
