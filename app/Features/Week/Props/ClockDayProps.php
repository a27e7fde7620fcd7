<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** What there is to say of a day's inked time by the clock. */
final readonly class ClockDayProps
{
    /**
     * @param  list<StretchTimesProps>  $gaps  between its first start and its last end
     * @param  list<StretchTimesProps>  $overlaps
     */
    public function __construct(public string $date, public array $gaps, public array $overlaps)
    {
    }
}
