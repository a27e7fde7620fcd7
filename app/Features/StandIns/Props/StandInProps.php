<?php

declare(strict_types=1);

namespace App\Features\StandIns\Props;

/** Who decides in whose place, and when. */
final readonly class StandInProps
{
    /** @param  list<string>  $projects  names; none for everything */
    public function __construct(
        public int $id,
        public string $principal,
        public string $standIn,
        public string $from,
        public string $to,
        public array $projects,
        public bool $isNow,
    ) {
    }
}
