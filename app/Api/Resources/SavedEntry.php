<?php

declare(strict_types=1);

namespace App\Api\Resources;

use App\Features\Week\Props\CellOutcome;

/** What became of an entry that was to be saved. */
final readonly class SavedEntry
{
    /**
     * @param  string|null  $message  why it was not saved, for people
     * @param  Entry|null  $entry  what is there now; null where nothing is
     */
    public function __construct(
        public CellOutcome $outcome,
        public ?string $message,
        public ?Entry $entry,
    ) {
    }
}
