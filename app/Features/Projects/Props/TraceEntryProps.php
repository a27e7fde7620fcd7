<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use Moss\Core\Sheet\EntryState;

/** An entry behind a figure. */
final readonly class TraceEntryProps
{
    /** @param  string|null  $cost  decimal text with two places; null where it is unknown, and for those who may not see it */
    public function __construct(
        public string $date,
        public string $week,
        public string $personCode,
        public string $person,
        public string $task,
        public int $minutes,
        public EntryState $state,
        public string $note,
        public ?string $corrects,
        public ?string $cost,
    ) {
    }
}
