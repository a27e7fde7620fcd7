<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** The page of a project. */
final readonly class ProjectProps
{
    /**
     * @param  string  $currency  three letters, as in ISO 4217
     * @param  string  $contact  whom to speak to at the client, with address and phone; empty where nobody is known
     * @param  string|null  $baselineOn  the day whose plan is the baseline; null where there was none yet
     * @param  int|null  $baseline  minutes planned by it
     * @param  EarnedValueProps|null  $earnedValue  null for those who may not see money, where it is in money
     * @param  list<AttentionProps>  $attention  the heaviest first
     * @param  list<WaitingEstimateProps>  $waiting  the oldest first
     * @param  list<ProjectRowProps>  $rows  phases with their tasks, tasks with their assignees
     */
    public function __construct(
        public string $code,
        public string $name,
        public ?string $client,
        public string $contact,
        public string $manager,
        public ?string $startsOn,
        public ?string $endsOn,
        public bool $isOpen,
        public string $currency,
        public FiguresProps $figures,
        public ?string $baselineOn,
        public ?int $baseline,
        public ?EarnedValueProps $earnedValue,
        public array $attention,
        public array $waiting,
        public array $rows,
        public ?TraceProps $trace,
        public bool $mayPlan,
        public bool $mayDecide,
    ) {
    }
}
