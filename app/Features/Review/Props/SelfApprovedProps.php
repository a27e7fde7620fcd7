<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** What of one person's week approved itself and can still be reopened. */
final readonly class SelfApprovedProps
{
    /** @param  list<int>  $entries  ids */
    public function __construct(public string $personName, public string $week, public int $number, public int $minutes, public array $entries)
    {
    }
}
