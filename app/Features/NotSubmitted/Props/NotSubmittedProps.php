<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Props;

/** Who has not submitted a week. */
final readonly class NotSubmittedProps
{
    /**
     * @param  string  $due  the last day in time
     * @param  list<MissingTimesheetProps>  $missing  of the page, those with most missing first
     * @param  int  $missingCount  of all pages
     * @param  int  $people  whose timesheets end in the week and the reader looks after
     */
    public function __construct(
        public string $week,
        public int $number,
        public string $monday,
        public string $before,
        public string $after,
        public string $due,
        public bool $isLate,
        public string $search,
        public array $missing,
        public int $missingCount,
        public int $people,
        public int $page,
        public int $atOnce,
    ) {
    }
}
