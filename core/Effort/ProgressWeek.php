<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;

/** One week of a progress: what is planned, recorded and still to come in it, and the sums up to its end. */
final readonly class ProgressWeek
{
    /**
     * @param  Minutes  $remaining  of what remains, what may be done in this week
     * @param  Minutes  $plannedSoFar  with all weeks before
     * @param  Minutes  $forecastSoFar  entered and remaining, with all weeks before
     */
    public function __construct(
        public Week $week,
        public Minutes $planned,
        public Minutes $actual,
        public Minutes $pending,
        public Minutes $remaining,
        public Minutes $plannedSoFar,
        public Minutes $forecastSoFar,
    ) {
    }

    public function forecast(): Minutes
    {
        return $this->actual->plus($this->pending)->plus($this->remaining);
    }
}
