<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** Somebody on a project, and when. */
final readonly class ProjectPersonProps
{
    /**
     * @param  string|null  $code  null for a team
     * @param  string|null  $from  the first day planned; null for who only recorded
     * @param  string|null  $lastRecorded  Monday of the last week with an entry
     * @param  list<string>  $planned  Mondays of weeks planned
     * @param  list<string>  $recorded  Mondays of weeks with entries
     */
    public function __construct(
        public ?string $code,
        public string $name,
        public ?string $from,
        public ?string $to,
        public int $plannedMinutes,
        public int $enteredMinutes,
        public int $remainingMinutes,
        public ?string $lastRecorded,
        public array $planned,
        public array $recorded,
    ) {
    }
}
