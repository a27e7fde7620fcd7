<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

/** Somebody, or a team, who could be put on a task. */
final readonly class FoundAssigneeProps
{
    public function __construct(public string $key, public string $name, public bool $isTeam)
    {
    }
}
