<?php

declare(strict_types=1);

namespace App\Effort\Totals;

/** A stored total that differs from what the entries come to. */
final readonly class TotalDifference
{
    public function __construct(public string $table, public string $key, public string $column, public int $stored, public int $found)
    {
    }
}
