<?php

declare(strict_types=1);

namespace App\Features\Accounts\Queries;

/** Which accounts are listed. */
final readonly class AccountFilter
{
    /** Everybody, those who have no password yet, those without a second factor where it is required, and the disabled. */
    public const STATES = ['', 'no password', 'no second factor', 'disabled'];

    public function __construct(public string $search, public string $state)
    {
    }

    public static function stateOf(string $asked): string
    {
        return in_array($asked, self::STATES, true) ? $asked : '';
    }
}
