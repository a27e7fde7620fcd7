<?php

declare(strict_types=1);

namespace App\Features\Accounts\Props;

use App\Features\Accounts\Queries\AccountState;
use App\Models\Access;

/** Somebody's account, as the office sees it. */
final readonly class AccountRowProps
{
    /**
     * @param  string|null  $invitedAt  UTC instant of the last invitation
     * @param  string|null  $lastSeenAt  UTC instant, while they are signed in anywhere
     * @param  int  $signIns  browsers in which they are signed in
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $email,
        public Access $access,
        public AccountState $state,
        public ?string $invitedAt,
        public ?string $lastSeenAt,
        public int $signIns,
        public bool $hasFactor,
        public bool $mayBeInvited,
    ) {
    }
}
