<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Sheet\Props\TimerProps;
use Moss\Core\Time\HoursFormat;

/** Who is signed in, and which sections are theirs. */
final readonly class SignedInProps
{
    /**
     * @param  string|null  $locale  of numbers and dates; null as the browser has it
     * @param  list<string>  $languages  that can be chosen
     * @param  list<string>  $locales  that can be chosen
     * @param  bool  $spends  whether they can enter expenses
     * @param  int  $waiting  entries, corrections and expenses that wait for this person's decision
     * @param  int  $leaveWaiting  requests for leave that do
     * @param  int|null  $recalculated  how much of what is being recalculated is done, in percent; null while all totals are up to date
     * @param  int  $unread  messages that they have not read
     * @param  string  $week  the current one, where they are
     * @param  TimesheetProps|null  $timesheet  the current one, where it is another than the week in hours
     * @param  string|null  $toInk  the earliest week with measured time that is not inked
     */
    public function __construct(
        public string $code,
        public string $name,
        public HoursFormat $hoursFormat,
        public string $language,
        public ?string $locale,
        public array $languages,
        public array $locales,
        public bool $recordsTime,
        public bool $spends,
        public bool $reviews,
        public bool $seesProjects,
        public bool $compares,
        public bool $requestsWork,
        public bool $isOffice,
        public int $waiting,
        public int $leaveWaiting,
        public int $unread,
        public ?int $recalculated,
        public string $week,
        public ?TimesheetProps $timesheet,
        public ?TimerProps $timer,
        public ?string $toInk,
    ) {
    }
}
