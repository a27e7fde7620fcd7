<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** One entry that waits. */
final readonly class WaitingCellProps
{
    /**
     * @param  bool  $needsAttention  whether something that was found in it asks or blocks
     * @param  string|null  $recordedBy  who recorded it, if somebody else than its owner
     * @param  int|null  $cost  in cents; null where no rate is known or the reader sees no money of the project
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $date,
        public int $minutes,
        public bool $needsAttention,
        public string $note,
        public string $clientNote,
        public ?string $recordedBy,
        public ?int $cost,
    ) {
    }
}
