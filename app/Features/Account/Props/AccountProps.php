<?php

declare(strict_types=1);

namespace App\Features\Account\Props;

use App\Features\AccessTokens\Props\AccessTokenProps;
use App\Features\SecondFactor\Props\FactorProps;
use App\Models\AccessRight;

/** A person's own account. */
final readonly class AccountProps
{
    /**
     * @param  bool  $isConfirmed  whether they have shown lately that it is them
     * @param  list<SignInRowProps>  $signIns  the one used last first
     * @param  list<AccessTokenProps>  $tokens  of programs, the newest first
     * @param  bool  $keepsApplications  whether they create and see tokens of applications
     * @param  list<AccessRight>  $rights  that a token can have
     * @param  string|null  $newToken  the token that was just created, which is not shown again
     * @param  string|null  $singleSignOn  what the identity provider is called; null where there is none
     * @param  int  $longestDays  after so many days a sign-in ends in any case
     * @param  int  $unusedHours  after so many hours without use it ends too
     */
    public function __construct(
        public string $email,
        public bool $hasPassword,
        public bool $isConfirmed,
        public FactorProps $factor,
        public array $signIns,
        public array $tokens,
        public bool $keepsApplications,
        public array $rights,
        public ?string $newToken,
        public ?string $singleSignOn,
        public int $longestDays,
        public int $unusedHours,
    ) {
    }
}
