<?php

declare(strict_types=1);

namespace App\Features\Periods\Props;

/** A closing or reopening. */
final readonly class PeriodActProps
{
    /** @param  string|null  $until  the last day that was closed after it */
    public function __construct(public string $at, public string $actor, public string $act, public ?string $until, public string $why)
    {
    }
}
