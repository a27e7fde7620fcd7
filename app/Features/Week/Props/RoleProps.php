<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** A role that a line can be in. */
final readonly class RoleProps
{
    public function __construct(public int $id, public string $name)
    {
    }
}
