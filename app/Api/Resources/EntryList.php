<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** A part of the entries. */
final readonly class EntryList
{
    /**
     * @param  list<Entry>  $data
     * @param  string|null  $next  the cursor of the next part; null at the end
     */
    public function __construct(
        public array $data,
        public ?string $next,
    ) {
    }
}
