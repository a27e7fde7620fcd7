<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** One task in one role, over the seven days of the week. */
final readonly class LineProps
{
    /**
     * @param  string  $key  task and role; the same for as long as the line is
     * @param  bool  $isPencilled  only past weeks speak of it: it is neither assigned, nor added, nor recorded on
     * @param  string|null  $closedBecause  why nothing can be recorded here any more; null where it can
     * @param  string|null  $chargeCode  of its task, or as it was chosen; where entries of the week have several, all of them
     * @param  bool  $choosesChargeCode  whether the client's charge codes are composed of parts, to be chosen
     * @param  list<string>  $fields  codes of the own fields that are asked of its entries
     * @param  list<CellProps>  $cells  seven, Monday first
     */
    public function __construct(
        public string $key,
        public int $task,
        public ?int $role,
        public string $taskName,
        public string $taskCode,
        public string $projectCode,
        public string $projectName,
        public ?string $phase,
        public ?string $roleName,
        public bool $isPencilled,
        public ?string $closedBecause,
        public ?string $chargeCode,
        public bool $choosesChargeCode,
        public array $fields,
        public array $cells,
    ) {
    }
}
