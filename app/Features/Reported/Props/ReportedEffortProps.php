<?php

declare(strict_types=1);

namespace App\Features\Reported\Props;

use Moss\Core\Effort\ReportedEffort;

/** What a project came to on some day, in minutes. */
final readonly class ReportedEffortProps
{
    public function __construct(public int $planned, public int $actual, public int $pending, public int $remaining, public int $forecast)
    {
    }

    public static function of(ReportedEffort $effort): self
    {
        return new self($effort->planned->toInt(), $effort->actual->toInt(), $effort->pending->toInt(), $effort->remaining->toInt(), $effort->forecast()->toInt());
    }
}
