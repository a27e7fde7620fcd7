<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Time\Minutes;

/** What a project came to on some day, as it was reported. */
final readonly class ReportedEffort
{
    public function __construct(public Minutes $planned, public Minutes $actual, public Minutes $pending, public Minutes $remaining)
    {
    }

    public static function nothing(): self
    {
        return new self(Minutes::zero(), Minutes::zero(), Minutes::zero(), Minutes::zero());
    }

    /** What was entered, and what remained. */
    public function forecast(): Minutes
    {
        return $this->actual->plus($this->pending)->plus($this->remaining);
    }

    /** By how much the forecast is another since an earlier report. */
    public function forecastChangeSince(self $earlier): Minutes
    {
        return $this->forecast()->minus($earlier->forecast());
    }
}
