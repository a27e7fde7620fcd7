<?php

declare(strict_types=1);

namespace App\Features\Office\Props;

/** How many people have not submitted a week. */
final readonly class LateWeekProps
{
    /** @param  bool  $isOverdue  whether it was due before today */
    public function __construct(public string $week, public int $number, public int $missing, public int $people, public bool $isOverdue)
    {
    }
}
