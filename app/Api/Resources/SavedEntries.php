<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** What became of the entries, in the order in which they were sent. */
final readonly class SavedEntries
{
    /**
     * @param  list<SavedEntry>  $data
     */
    public function __construct(
        public array $data,
    ) {
    }
}
