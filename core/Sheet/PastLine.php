<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/**
 * A line as past weeks had it: the hours that they suggest for each day of the week to come.
 */
final readonly class PastLine
{
    /**
     * @param  array<string, Minutes>  $hours  by `YYYY-MM-DD` of the week pencilled, each above 0
     * @param  DayRange  $from  the days that the hours were read from
     * @param  Minutes|null  $remaining  of the assignments on the line's task; null where nothing limits it
     */
    public function __construct(
        public Line $line,
        public PencilSource $source,
        public array $hours,
        public DayRange $from,
        public ?Minutes $remaining = null,
    ) {
    }

    public function limitedTo(?Minutes $remaining): self
    {
        return new self($this->line, $this->source, $this->hours, $this->from, $remaining);
    }
}
