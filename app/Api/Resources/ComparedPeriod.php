<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** What falls in one period of a row. */
final readonly class ComparedPeriod
{
    public function __construct(public int $planned, public int $actual)
    {
    }
}
