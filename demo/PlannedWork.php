<?php

declare(strict_types=1);

namespace Demo;

use Moss\Core\Calendar\DayRange;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;

/** One assignment of the scenario, with its hours laid over days. */
final readonly class PlannedWork
{
    public Spread $spread;

    /** @param  int  $longer  by how much it really takes longer than planned, in percent */
    public function __construct(
        public string $project,
        public string $task,
        public string $person,
        public string $role,
        public int $hours,
        public DayRange $days,
        public int $longer,
        Timeline $timeline,
    ) {
        $this->spread = Spread::over(Minutes::ofHours($hours), $days, $timeline->capacity($person));
    }
}
