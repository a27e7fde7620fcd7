<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** A line on which time was logged in a task tracker. */
final readonly class TrackedLine
{
    public PencilSource $source;

    /**
     * @param  array<string, Minutes>  $days  by `YYYY-MM-DD`, each above 0
     * @param  array<string, string>  $texts  what was logged with it, by day
     */
    public function __construct(public Line $line, public array $days, public array $texts)
    {
        $this->source = PencilSource::Tracker;
    }

    public function minutesOn(Day $day): ?Minutes
    {
        return $this->days[$day->toString()] ?? null;
    }
}
