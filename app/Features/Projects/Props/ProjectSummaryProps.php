<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** A project in the list. */
final readonly class ProjectSummaryProps
{
    /**
     * @param  int  $waiting  remaining estimates that wait for the project manager
     * @param  list<int>  $trend  forecast at the ends of the last twelve weeks, minutes, the oldest first
     */
    public function __construct(
        public string $code,
        public string $name,
        public ?string $client,
        public string $manager,
        public bool $isOpen,
        public bool $isInternal,
        public FiguresProps $figures,
        public bool $budgetIsGone,
        public int $waiting,
        public array $trend,
    ) {
    }
}
