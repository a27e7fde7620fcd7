<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

/** What a file would have. */
final readonly class UnbilledProps
{
    /**
     * @param  int  $late  minutes of it on days before the first
     * @param  int  $unapproved  minutes up to the last day that are not approved, and so not in it
     * @param  string  $seen  by which what the file would have is recognised when it is created
     */
    public function __construct(public int $minutes, public int $entries, public int $late, public int $unapproved, public string $seen)
    {
    }
}
