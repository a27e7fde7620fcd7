<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** One entry that waits. */
final readonly class WaitingCellProps
{
    /** @param  string|null  $recordedBy  who recorded it, if somebody else than its owner */
    public function __construct(
        public int $id,
        public int $version,
        public string $date,
        public int $minutes,
        public string $note,
        public string $clientNote,
        public ?string $recordedBy,
    ) {
    }
}
