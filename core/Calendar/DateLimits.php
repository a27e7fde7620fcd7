<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * The days on which work can be planned or recorded: from 1 January 2000 to the end of the tenth year after today's, and
 * plans of at most five years. Everything that goes over days one by one relies on these limits.
 */
final readonly class DateLimits
{
    public const FIRST_YEAR = 2000;

    public const YEARS_AHEAD = 10;

    public const LONGEST_PLAN_YEARS = 5;

    private function __construct(private DayRange $days)
    {
    }

    public static function on(Day $today): self
    {
        return new self(DayRange::between(
            Day::of(self::FIRST_YEAR.'-01-01'),
            Day::of(sprintf('%04d-12-31', max(self::FIRST_YEAR, $today->year() + self::YEARS_AHEAD))),
        ));
    }

    public function days(): DayRange
    {
        return $this->days;
    }

    public function includes(Day $day): bool
    {
        return $this->days->includes($day);
    }

    /** Whether both ends are within the limits and the plan is not longer than five years, first and last day included. */
    public function allowsPlan(DayRange $plan): bool
    {
        return $this->includes($plan->first()) && $this->includes($plan->last()) && ! self::isTooLong($plan);
    }

    /** 366 days a year, so that no plan of five calendar years is refused. */
    public static function isTooLong(DayRange $plan): bool
    {
        return $plan->count() > self::LONGEST_PLAN_YEARS * 366;
    }
}
