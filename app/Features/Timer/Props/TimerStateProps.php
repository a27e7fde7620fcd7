<?php

declare(strict_types=1);

namespace App\Features\Timer\Props;

use App\Sheet\Props\TimerProps;

/** A timer after an act, or when a page asks how it is. */
final readonly class TimerStateProps
{
    /**
     * @param  string|null  $message  what was done, or why nothing was
     * @param  bool  $isRefused  whether nothing was
     * @param  string|null  $suggestion  when one that was forgotten may have been meant to stop, by the person's clock, as `2026-06-17T17:30`
     * @param  string|null  $toInk  the earliest week with measured time that is not inked
     */
    public function __construct(public ?TimerProps $timer, public ?string $message, public bool $isRefused, public ?string $suggestion, public ?string $toInk)
    {
    }
}
