<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** A person, a project or a week with what of it waits. */
final readonly class GroupProps
{
    /**
     * @param  string  $name  of a week, its Monday
     * @param  int  $needingAttention  entries that need attention
     * @param  string  $first  the oldest day that waits
     */
    public function __construct(
        public string $key,
        public string $name,
        public int $entries,
        public int $minutes,
        public int $needingAttention,
        public string $first,
    ) {
    }
}
