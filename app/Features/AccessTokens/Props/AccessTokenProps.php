<?php

declare(strict_types=1);

namespace App\Features\AccessTokens\Props;

use App\Models\AccessRight;

/** A token, without what it takes to use it. */
final readonly class AccessTokenProps
{
    /**
     * @param  list<AccessRight>  $rights
     * @param  string  $createdAt  UTC instant
     * @param  string|null  $lastUsedAt  UTC instant
     * @param  string  $endsOn  the last day on which it is accepted
     * @param  string|null  $application  who answers for it, where it is an application's; null for a person's own
     */
    public function __construct(public int $id, public string $name, public array $rights, public string $createdAt, public ?string $lastUsedAt, public string $endsOn, public bool $hasEnded, public ?string $application, public bool $isOwn)
    {
    }
}
