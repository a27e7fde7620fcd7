<?php

declare(strict_types=1);

namespace App\Features\Periods\Props;

/** What closing up to a day would do, and what stands before it. */
final readonly class PeriodProps
{
    /**
     * @param  string|null  $closedUntil  the last day of the closed period; null where none is closed
     * @param  string  $until  the day that is looked at
     * @param  list<OpenTimeProps>  $open  who has time up to the day that is not approved, those with most first
     * @param  list<ApproverTimeProps>  $approvers  whose decision something up to the day waits for, those with most time first
     * @param  int  $openEntries  all of it, also of people beyond the list
     * @param  list<CorrectedTimeProps>  $corrected  what was corrected since the period before, the newest first
     * @param  int  $corrections  that still wait up to the day
     * @param  int  $openExpenses  up to the day that are not approved
     * @param  int  $approvedExpenses  that would be settled
     * @param  int  $entries  approved, that would be settled
     * @param  string  $seen  by which what would be settled is recognised when it is closed
     * @param  int  $stillSettling  entries of a closed period whose turn has not come yet
     * @param  int  $weekDue  days after its Sunday by which a week is to be submitted
     * @param  string  $week  in which the day lies
     * @param  list<PeriodActProps>  $acts  what was closed and reopened, the newest first
     */
    public function __construct(
        public ?string $closedUntil,
        public string $until,
        public array $open,
        public array $approvers,
        public int $openPeople,
        public int $openEntries,
        public int $openMinutes,
        public array $corrected,
        public int $corrections,
        public int $openExpenses,
        public int $approvedExpenses,
        public int $entries,
        public int $minutes,
        public string $seen,
        public int $stillSettling,
        public int $weekDue,
        public string $week,
        public int $weekNumber,
        public array $acts,
    ) {
    }
}
