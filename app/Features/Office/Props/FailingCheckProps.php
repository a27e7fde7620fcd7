<?php

declare(strict_types=1);

namespace App\Features\Office\Props;

use App\Features\Operations\Queries\HealthCheck;

/** Something without which the application does not do all of its work. */
final readonly class FailingCheckProps
{
    /** @param  string|null  $lastSeen  UTC instant at which it was last well; null where it never was, or that is not known */
    public function __construct(public HealthCheck $check, public ?string $lastSeen)
    {
    }
}
