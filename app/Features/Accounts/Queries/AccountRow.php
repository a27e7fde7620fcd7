<?php

declare(strict_types=1);

namespace App\Features\Accounts\Queries;

use App\Models\Access;
use Moss\Core\Calendar\Day;

/** What is read of an account. */
final readonly class AccountRow
{
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public string $email,
        public string $access,
        public ?Day $ends_on,
        public ?string $timezone,
        public ?string $disabled_at,
        public int $has_password,
        public int $has_identity,
        public int $has_factor,
        public ?string $invited_at,
        public ?string $invitation_expires_at,
        public ?string $last_seen_at,
        public int $sign_ins,
    ) {
    }

    public function access(): Access
    {
        return Access::from($this->access);
    }

    /** @param  string  $instant  now, in UTC */
    public function state(string $instant, Day $today): AccountState
    {
        return match (true) {
            $this->disabled_at !== null => AccountState::Disabled,
            $this->ends_on !== null && $today->isAfter($this->ends_on) => AccountState::Left,
            $this->has_password === 1 || $this->has_identity === 1 => AccountState::Active,
            $this->invited_at === null => AccountState::NotInvited,
            $this->invitation_expires_at !== null && $this->invitation_expires_at > $instant => AccountState::Invited,
            default => AccountState::InvitationExpired,
        };
    }
}
