<?php

declare(strict_types=1);

namespace App\Features\Intake\Props;

use App\Models\WorkRequestState;

/** A request for work in a list. */
final readonly class WorkRequestRowProps
{
    public function __construct(
        public int $id,
        public string $title,
        public ?string $client,
        public string $requester,
        public string $requestedAt,
        public ?string $wantedBy,
        public ?int $about,
        public WorkRequestState $state,
    ) {
    }
}
