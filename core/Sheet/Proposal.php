<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Hours pencilled in on one day of one line, above 0, with the plan that they come from.
 */
final readonly class Proposal
{
    public function __construct(public Day $day, public PlannedLine $source, public Minutes $minutes)
    {
    }
}
