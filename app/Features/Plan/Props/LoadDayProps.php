<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

/** A day on which more is planned for a person than is expected of them. */
final readonly class LoadDayProps
{
    public function __construct(public string $date, public int $planned, public int $expected)
    {
    }
}
