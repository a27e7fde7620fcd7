<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

use App\OwnFields\Props\OwnFieldProps;

/** The plan of a project. */
final readonly class PlanProps
{
    /**
     * @param  string|null  $estimateMode  how they count here; null as the organisation has it
     * @param  list<PlanTaskProps>  $tasks  by phase and begin
     * @param  list<OwnFieldProps>  $taskFields  own fields that are asked of its tasks
     * @param  list<OwnFieldProps>  $fields  own fields that are asked of the project
     * @param  array<string, string>  $values  what those of the project hold, by their codes
     * @param  list<string>  $dates  days on which the plan became another, the latest first
     * @param  string  $baselineOn  the day whose plan is the baseline; empty where nothing was planned yet
     * @param  string|null  $comparedOn  the day whose plan stands beside it
     */
    public function __construct(
        public string $code,
        public string $name,
        public ?string $client,
        public string $manager,
        public string $managerCode,
        public ?string $startsOn,
        public ?string $endsOn,
        public bool $billable,
        public bool $isOpen,
        public ?string $estimateMode,
        public string $currency,
        public bool $mayPlan,
        public bool $seesMoney,
        public int $planned,
        public ?int $compared,
        public array $tasks,
        public array $taskFields,
        public array $fields,
        public array $values,
        public array $dates,
        public string $baselineOn,
        public ?string $comparedOn,
    ) {
    }
}
