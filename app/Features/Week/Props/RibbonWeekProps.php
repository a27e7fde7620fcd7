<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** One week of the ribbon: how full it is against what is expected, and what state it is in. */
final readonly class RibbonWeekProps
{
    public function __construct(
        public string $week,
        public string $monday,
        public int $expected,
        public int $draft,
        public int $submitted,
        public int $returned,
        public int $approved,
        public bool $isThisWeek,
    ) {
    }
}
