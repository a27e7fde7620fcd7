<?php

declare(strict_types=1);

namespace App\Exchange;

/** An assignment that a refreshed plan no longer has: its row as it was, and as it has become. */
final readonly class EndedAssignment
{
    /**
     * @param  array<string, string|int|null>  $before
     * @param  array<string, string|int|null>|null  $after  null where it was removed
     */
    public function __construct(public array $before, public ?array $after)
    {
    }
}
