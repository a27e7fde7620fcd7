<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Props;

/** One person's week that is not submitted, and what is missing of it. */
final readonly class MissingWeekProps
{
    /** @param  string|null  $remindedAt  when the person was last told, in UTC */
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
    ) {
    }
}
