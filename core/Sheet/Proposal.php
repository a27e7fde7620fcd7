<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Hours pencilled in on one day of one line, above 0, with what they come from.
 */
final readonly class Proposal
{
    public function __construct(public Day $day, public TimedLine|TrackedLine|PlannedLine|PastLine $source, public Minutes $minutes)
    {
    }

    public function line(): Line
    {
        return $this->source->line;
    }

    public function from(): PencilSource
    {
        return $this->source instanceof PlannedLine ? PencilSource::Plan : $this->source->source;
    }
}
