<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use Moss\Core\Sheet\EntryState;

/** One day of one line: what is inked there, and what stands beside it. */
final readonly class CellProps
{
    /**
     * @param  int|null  $version  what the next change must name as seen; null where the cell is empty
     * @param  string|null  $waitsFor  who has to act next on submitted time
     * @param  list<AdjustmentProps>  $adjustments  differences posted here that correct settled time of another day
     */
    public function __construct(
        public string $date,
        public ?int $minutes,
        public ?int $version,
        public ?EntryState $state,
        public string $note,
        public string $clientNote,
        public ?string $returnWord,
        public ?string $waitsFor,
        public array $adjustments,
    ) {
    }
}
