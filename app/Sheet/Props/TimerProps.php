<?php

declare(strict_types=1);

namespace App\Sheet\Props;

/** The timer that somebody has running or paused. */
final readonly class TimerProps
{
    /**
     * @param  int  $version  what the next act must name as seen
     * @param  int  $seconds  that it has run when the page was made
     * @param  string  $since  when it was started, by the person's clock, as `2026-06-17T09:03`
     * @param  bool  $seemsForgotten  whether it has run so long without a pause that it is asked what was meant
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $line,
        public string $taskName,
        public string $projectName,
        public ?string $roleName,
        public string $note,
        public bool $isRunning,
        public int $seconds,
        public string $since,
        public bool $seemsForgotten,
    ) {
    }
}
