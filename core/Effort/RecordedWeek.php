<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;

/** What was recorded in a week: approved or settled, and what is not yet. */
final readonly class RecordedWeek
{
    public function __construct(public Week $week, public Minutes $actual, public Minutes $pending)
    {
    }
}
