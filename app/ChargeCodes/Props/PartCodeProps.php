<?php

declare(strict_types=1);

namespace App\ChargeCodes\Props;

/** A code that a part may have. */
final readonly class PartCodeProps
{
    public function __construct(public string $code, public string $name, public bool $isRetired)
    {
    }
}
