<?php

declare(strict_types=1);

namespace App\Features\Accounts\Props;

use App\Models\Access;

/** Who can sign in, a page at a time, and what is required of them. */
final readonly class AccountsProps
{
    /**
     * @param  int  $people  who work here
     * @param  int  $withoutPassword  of them, who can only sign in by single sign-on, or not at all
     * @param  int  $withoutFactor  of those whose access requires a second factor
     * @param  list<AccountRowProps>  $rows
     * @param  list<Access>  $factorAccess  kinds of access that need a second factor
     * @param  string|null  $singleSignOn  what the identity provider is called; null where there is none
     */
    public function __construct(
        public string $search,
        public string $state,
        public int $people,
        public int $withoutPassword,
        public int $withoutFactor,
        public int $found,
        public array $rows,
        public int $page,
        public int $pages,
        public array $factorAccess,
        public ?string $singleSignOn,
        public bool $singleSignOnAddsPeople,
    ) {
    }
}
