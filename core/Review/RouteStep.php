<?php

declare(strict_types=1);

namespace Moss\Core\Review;

/**
 * One approver on a route; no approver means the office, which then is anybody of the office but the owner.
 */
final readonly class RouteStep
{
    public function __construct(public ?string $approver)
    {
    }

    public function isOffice(): bool
    {
        return $this->approver === null;
    }
}
