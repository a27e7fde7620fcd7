<?php

declare(strict_types=1);

namespace App\Sheet\Props;

/** What a calendar of a year shows beside its days. */
final readonly class CalendarProps
{
    /**
     * @param  array<string, string>  $holidays  names by day
     * @param  string|null  $closedUntil  the last day of the closed period
     */
    public function __construct(public array $holidays, public ?string $closedUntil)
    {
    }
}
