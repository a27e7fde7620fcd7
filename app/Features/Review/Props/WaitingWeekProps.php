<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** One person's week that waits, in the list. */
final readonly class WaitingWeekProps
{
    /** @param  list<string>  $standingInFor  names of those whose turn it really is */
    public function __construct(
        public string $personCode,
        public string $personName,
        public string $week,
        public string $monday,
        public int $minutes,
        public int $entries,
        public array $standingInFor,
    ) {
    }
}
