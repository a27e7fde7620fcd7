<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

/** A task of the plan with who is on it. */
final readonly class PlanTaskProps
{
    /**
     * @param  int|null  $own  planned minutes of its own; null where its assignments make them
     * @param  int  $planned  its own, else those of its assignments
     * @param  string|null  $budget  for those allowed to see money
     * @param  bool  $isRecordedOn  whether somebody has recorded time on it
     * @param  int|null  $compared  what was planned on the day that is compared with
     * @param  array<string, string>  $fields  what its own fields hold as it is typed, by their codes: choices by their names
     * @param  list<PlanAssignmentProps>  $assignments
     * @param  list<PlanGoneProps>  $gone  who was planned then and is not any more
     */
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public ?string $phase,
        public ?int $own,
        public int $planned,
        public int $assigned,
        public ?string $budget,
        public ?string $startsOn,
        public ?string $endsOn,
        public ?string $chargeCode,
        public ?string $doneOn,
        public bool $isRecordedOn,
        public ?int $compared,
        public array $fields,
        public array $assignments,
        public array $gone,
    ) {
    }
}
