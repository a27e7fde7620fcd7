<?php

declare(strict_types=1);

namespace App\Features\FrontPage\Props;

/** What waits for somebody. */
final readonly class WaitingProps
{
    /**
     * @param  int  $entries  to be approved
     * @param  int  $people  whose they are
     * @param  string|null  $oldest  day of the oldest entry; null where there is none
     * @param  int  $corrections  to be decided
     * @param  int  $expenses  to be approved
     * @param  int  $estimates  remaining estimates on own projects to be decided
     * @param  int  $leave  requests for leave to be decided
     */
    public function __construct(public int $entries, public int $people, public ?string $oldest, public int $corrections, public int $expenses, public int $estimates, public int $leave)
    {
    }
}
