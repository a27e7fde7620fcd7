<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Props;

/** One person's timesheet that is not submitted, and what is missing of it. */
final readonly class MissingTimesheetProps
{
    /**
     * @param  string|null  $remindedAt  when the person was last told, in UTC
     * @param  string  $days  of the timesheet: `2026-W25`, `2026-06`, or the first and the last day
     */
    public function __construct(
        public string $code,
        public string $name,
        public ?string $team,
        public int $expected,
        public int $draft,
        public int $returned,
        public int $submitted,
        public int $missing,
        public ?string $remindedAt,
        public string $days,
    ) {
    }
}
