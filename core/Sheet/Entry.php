<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Minutes of one person on one day on one task; negative only where it corrects a settled entry.
 */
final readonly class Entry
{
    /**
     * @param  string|null  $team  the person's team
     * @param  int|null  $costed  hundredths of minutes as which it costs, where its kinds of pay say so; null where each minute costs one
     */
    public function __construct(
        public string $person,
        public ?string $team,
        public ?string $role,
        public Day $day,
        public Minutes $minutes,
        public EntryState $state,
        public ?int $costed = null,
    ) {
    }
}
