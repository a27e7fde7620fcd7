<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use Moss\Core\Sheet\EntryState;

/** An entry behind a figure. */
final readonly class ComparedEntryProps
{
    /**
     * @param  string|null  $week  where it can be looked at; null for who may not see that week
     * @param  int|null  $cents  what it comes to where money is opened; null also where no rate is known
     */
    public function __construct(
        public string $date,
        public ?string $week,
        public string $personCode,
        public string $person,
        public string $project,
        public string $task,
        public int $minutes,
        public EntryState $state,
        public string $note,
        public ?int $cents,
    ) {
    }
}
