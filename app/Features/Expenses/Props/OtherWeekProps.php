<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

/** Another week with expenses that are not submitted. */
final readonly class OtherWeekProps
{
    public function __construct(public string $week, public string $monday, public int $open)
    {
    }
}
