<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** A project in the list. */
final readonly class ProjectSummaryProps
{
    public function __construct(
        public string $code,
        public string $name,
        public ?string $client,
        public string $manager,
        public bool $isOpen,
        public bool $isInternal,
        public FiguresProps $figures,
    ) {
    }
}
