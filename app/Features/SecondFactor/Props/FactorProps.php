<?php

declare(strict_types=1);

namespace App\Features\SecondFactor\Props;

/** Somebody's second factor. */
final readonly class FactorProps
{
    /**
     * @param  string|null  $since  the UTC instant from which it is on; null while it is off
     * @param  int  $codes  recovery codes that have not been used
     * @param  bool  $isRequired  whether the office requires it for their access
     */
    public function __construct(public ?string $since, public int $codes, public bool $isRequired)
    {
    }
}
