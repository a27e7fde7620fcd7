<?php

declare(strict_types=1);

namespace App\Features\Remaining\Props;

/** All that is to be known of what is left of a task. */
final readonly class RemainingProps
{
    /**
     * @param  LeftProps|null  $left  of the person asked about; null where they hold nothing of it
     * @param  string|null  $doneOn  the day on which it was declared done for all
     * @param  bool  $mayTakeBack  whether there is a word of today, or one that waits
     * @param  list<StatementProps>  $history  the latest first
     */
    public function __construct(
        public ?LeftProps $left,
        public ?string $doneOn,
        public int $tolerance,
        public bool $isAsked,
        public string $manager,
        public bool $mayTakeBack,
        public array $history,
    ) {
    }
}
