<?php

declare(strict_types=1);

namespace App\Features\Office\Props;

use App\Features\FirstStart\Props\FirstStepProps;

/** What needs the time office today, and how it has set things. */
final readonly class TodayProps
{
    /**
     * @param  int  $entries  that wait for the reader's decision
     * @param  int  $corrections  likewise
     * @param  int  $expenses  likewise
     * @param  int  $leave  requests for leave, likewise
     * @param  int  $estimates  that wait for their project managers
     * @param  string|null  $estimatesSince  the day of the oldest of them
     * @param  int  $unrated  people, or roles of theirs, with time that has no rate; 0 where there are no rates at all
     * @param  PeriodToCloseProps|null  $period  the month that is over and not closed
     * @param  int  $failed  jobs in the background that failed, such as reminders and mail
     * @param  int  $undelivered  messages to other systems that were given up
     * @param  list<FailingCheckProps>  $failing
     * @param  list<FirstStepProps>  $steps  of the first start; empty once time is recorded
     * @param  list<SettingProps>  $settings
     */
    public function __construct(
        public int $entries,
        public int $corrections,
        public int $expenses,
        public int $leave,
        public int $estimates,
        public ?string $estimatesSince,
        public int $unrated,
        public ?PeriodToCloseProps $period,
        public int $failed,
        public int $undelivered,
        public array $failing,
        public array $steps,
        public array $settings,
    ) {
    }
}
