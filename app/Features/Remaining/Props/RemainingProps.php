<?php

declare(strict_types=1);

namespace App\Features\Remaining\Props;

/** The remaining hours of a task and its estimates. */
final readonly class RemainingProps
{
    /**
     * @param  TaskRemainingProps|null  $ofPerson  null where the task is not assigned to the person or their team
     * @param  string|null  $doneOn  the day on which it was marked as done for everyone
     * @param  bool  $mayTakeBack  whether the person gave an estimate today, or one is waiting
     * @param  list<EstimateProps>  $history  the latest first
     */
    public function __construct(
        public ?TaskRemainingProps $ofPerson,
        public ?string $doneOn,
        public int $tolerance,
        public bool $needsApproval,
        public string $manager,
        public bool $mayTakeBack,
        public array $history,
    ) {
    }
}
