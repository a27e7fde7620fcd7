<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

/** What one person may take in a year, in half days. */
final readonly class OwnAllowanceProps
{
    public function __construct(public int $id, public string $kind, public string $person, public int $year, public int $halfDays)
    {
    }
}
