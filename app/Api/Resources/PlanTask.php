<?php

declare(strict_types=1);

namespace App\Api\Resources;

use ArrayObject;

/** A task of a plan, with who is on it. */
final readonly class PlanTask
{
    /**
     * @param  int|null  $ownMinutes  planned for the task itself; null where its assignments make it up
     * @param  int  $plannedMinutes  its own, else those of its assignments
     * @param  string|null  $budget  decimal; null where there is none, or for those who may not see it
     * @param  string|null  $doneOn  the day on which it was declared done
     * @param  ArrayObject<string, string>  $fields  what own fields hold, by their codes
     * @param  list<PlanAssignment>  $assignments
     */
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public ?string $phase,
        public ?int $ownMinutes,
        public int $plannedMinutes,
        public ?string $budget,
        public ?string $startsOn,
        public ?string $endsOn,
        public ?string $chargeCode,
        public ?string $doneOn,
        public ArrayObject $fields,
        public array $assignments,
    ) {
    }
}
