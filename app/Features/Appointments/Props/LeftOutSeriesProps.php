<?php

declare(strict_types=1);

namespace App\Features\Appointments\Props;

/** Appointments that are never pencilled. */
final readonly class LeftOutSeriesProps
{
    public function __construct(public int $id, public string $title)
    {
    }
}
