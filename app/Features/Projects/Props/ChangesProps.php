<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use App\AuditTrail\Props\AuditTrailRowProps;

/** What became of a project this week, from its Monday on. */
final readonly class ChangesProps
{
    /**
     * @param  int  $entered  minutes dated in the week
     * @param  int  $pending  of those, what is not approved
     * @param  int  $forecast  minutes by which the forecast became another
     * @param  list<AuditTrailRowProps>  $acts  on plan, estimates and corrections, the latest first
     * @param  bool  $isMore  whether there were more acts than are shown
     */
    public function __construct(
        public string $since,
        public int $entered,
        public int $pending,
        public int $forecast,
        public array $acts,
        public bool $isMore,
    ) {
    }
}
