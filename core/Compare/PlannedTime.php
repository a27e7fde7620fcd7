<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Planning\Spread;

/** Planned minutes of one subject, laid over days. */
final readonly class PlannedTime
{
    public function __construct(public WorkItem $subject, public Spread $spread)
    {
    }
}
