<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

/** What a request for leave comes to, before it is made. */
final readonly class LeavePreviewProps
{
    /**
     * @param  list<PlannedClashProps>  $clashes
     * @param  list<LeaveBalanceProps>  $balances  of the years that it touches, without it
     * @param  string|null  $fault  why it cannot be asked for
     */
    public function __construct(public int $halfDays, public int $minutes, public array $clashes, public array $balances, public ?string $fault)
    {
    }
}
