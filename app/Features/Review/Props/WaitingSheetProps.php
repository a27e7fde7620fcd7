<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

use App\Features\HouseRules\Props\FindingProps;
use App\Sheet\Props\DayProps;

/** One person's week with what of it waits. */
final readonly class WaitingSheetProps
{
    /**
     * @param  bool  $isWhole  whether the approver may see the whole week; without that, what is expected and entered besides is not shown
     * @param  int  $entered  all of the person's time in the week, whoever decides on it
     * @param  int  $minutes  what of it waits here
     * @param  list<DayProps>  $days
     * @param  list<WaitingLineProps>  $lines
     * @param  list<FindingProps>  $findings  as they were when the time came
     * @param  list<AnswerProps>  $answers
     * @param  list<string>  $fields  what own fields hold of what waits, in words
     * @param  string  $pay  the whole week by kinds of pay, in words; empty where no rule holds, or the approver may not see the whole week
     * @param  list<string>  $standingInFor  names of those whose turn it really is
     */
    public function __construct(
        public string $key,
        public string $personCode,
        public string $personName,
        public string $week,
        public int $number,
        public bool $isWhole,
        public int $expected,
        public int $entered,
        public int $minutes,
        public array $days,
        public array $lines,
        public array $findings,
        public array $answers,
        public array $fields,
        public string $pay,
        public array $standingInFor,
    ) {
    }
}
