<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** What was understood of a quick line. */
final readonly class QuickReadingProps
{
    /**
     * @param  TaskOfferProps|null  $task  the one meant; null where none or several fit
     * @param  list<TaskOfferProps>  $candidates  to choose from, where several fit alike; else what fits less well
     * @param  list<string>  $days
     * @param  bool  $adds  whether the minutes come on top of what is there
     * @param  string|null  $message  what is missing or to be chosen; null where all is understood
     * @param  StretchTimesProps|null  $times  where the minutes lie, if that was said
     * @param  bool  $starts  whether a timer is to be started
     */
    public function __construct(
        public ?TaskOfferProps $task,
        public array $candidates,
        public array $days,
        public int $minutes,
        public bool $adds,
        public string $note,
        public ?string $message,
        public ?StretchTimesProps $times = null,
        public bool $starts = false,
    ) {
    }
}
