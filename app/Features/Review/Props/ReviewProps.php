<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** The review page: what waits, and the week that is open. */
final readonly class ReviewProps
{
    /** @param  list<WaitingWeekProps>  $weeks  oldest first */
    public function __construct(public int $minutes, public int $entries, public array $weeks, public ?OpenWeekProps $open)
    {
    }
}
