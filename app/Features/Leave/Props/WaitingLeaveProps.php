<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

use App\Lookup\Props\OptionProps;

/** A request for leave that waits, with what whoever decides wants to know. */
final readonly class WaitingLeaveProps
{
    /**
     * @param  string|null  $standingInFor  in whose place the reader decides
     * @param  list<PlannedClashProps>  $clashes
     * @param  list<string>  $alsoAway  names of the same team who are away on any of the days
     * @param  LeaveBalanceProps|null  $balance  of its first year; null where nothing limits it
     */
    public function __construct(
        public OptionProps $person,
        public LeaveRequestProps $request,
        public string $requestedAt,
        public ?string $standingInFor,
        public array $clashes,
        public array $alsoAway,
        public ?LeaveBalanceProps $balance,
    ) {
    }
}
