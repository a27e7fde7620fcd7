<?php

declare(strict_types=1);

namespace Moss\Core\Review;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/**
 * How far a person's timesheet has been submitted: what is expected, what is still open, and what has gone.
 */
final readonly class TimesheetSubmission
{
    /**
     * @param  Minutes  $draft  recorded and not submitted
     * @param  Minutes  $returned  sent back and not submitted again
     * @param  Minutes  $submitted  submitted, approved or settled
     */
    public function __construct(public Minutes $expected, public Minutes $draft, public Minutes $returned, public Minutes $submitted)
    {
    }

    /** Whether nothing is left to submit, and something was where something is expected. Negative differences count as nothing. */
    public function isDone(): bool
    {
        return $this->draft->isZero() && $this->returned->isZero()
            && ($this->expected->isZero() || $this->submitted->isMoreThan(Minutes::zero()));
    }

    /** What is expected and not recorded; never below 0. */
    public function missing(): Minutes
    {
        return $this->expected->minus($this->draft)->minus($this->returned)->minus($this->submitted)->notBelowZero();
    }

    /**
     * The last day on which a timesheet is submitted in time.
     *
     * @param  int<0, max>  $daysAfter  its last day: of a week, its Sunday
     */
    public static function dueOn(DayRange $timesheet, int $daysAfter): Day
    {
        return $timesheet->last()->plusDays($daysAfter);
    }
}
