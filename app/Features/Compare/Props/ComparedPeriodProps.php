<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use Moss\Core\Compare\ComparisonRow;

/** Planned and actual of one period of those that stand across, in minutes. */
final readonly class ComparedPeriodProps
{
    public function __construct(public int $planned, public int $actual, public int $pending)
    {
    }

    public static function of(ComparisonRow $row): self
    {
        return new self($row->planned, $row->actual, $row->pending);
    }
}
