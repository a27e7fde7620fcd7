<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** The page of a project. */
final readonly class ProjectProps
{
    /**
     * @param  string  $currency  three letters, as in ISO 4217
     * @param  list<ProjectRowProps>  $rows  phases with their tasks, tasks with their holders
     */
    public function __construct(
        public string $code,
        public string $name,
        public ?string $client,
        public string $manager,
        public ?string $startsOn,
        public ?string $endsOn,
        public bool $isOpen,
        public string $currency,
        public FiguresProps $figures,
        public array $rows,
        public ?TraceProps $trace,
    ) {
    }
}
