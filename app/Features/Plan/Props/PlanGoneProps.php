<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

/** Somebody who was planned on a task once and is not any more. */
final readonly class PlanGoneProps
{
    public function __construct(public string $name, public int $minutes)
    {
    }
}
