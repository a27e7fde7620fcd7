<?php

declare(strict_types=1);

namespace App\Features\Corrections\Queries;

use App\Approval\RoutedEntry;
use Moss\Core\Time\Minutes;

/** An entry that can be corrected, with the correction that waits for it and the differences that were posted for it. */
final readonly class CorrectableEntry
{
    public function __construct(
        public RoutedEntry $entry,
        public ?int $correction,
        public ?Minutes $proposed,
        public ?string $reason,
        public Minutes $posted,
        public ?string $chargeCode,
    ) {
    }

    /** What it comes to, with the differences that were posted for it. */
    public function minutes(): Minutes
    {
        return $this->entry->minutes->plus($this->posted);
    }
}
