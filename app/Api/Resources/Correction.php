<?php

declare(strict_types=1);

namespace App\Api\Resources;

use App\Models\ProposalState;

/** Other hours that are proposed for approved or settled time. */
final readonly class Correction
{
    /**
     * @param  string  $person  code of whose time it is
     * @param  string  $project  code
     * @param  string  $task  code within the project
     * @param  string|null  $role  code
     * @param  string|null  $approver  code of who decides
     * @param  string  $proposedAt  UTC instant
     * @param  string  $comment  of whoever decided
     */
    public function __construct(
        public int $id,
        public string $person,
        public string $project,
        public string $task,
        public ?string $role,
        public string $date,
        public int $minutesBefore,
        public int $minutes,
        public string $reason,
        public ProposalState $state,
        public ?string $approver,
        public string $proposedAt,
        public string $comment,
    ) {
    }
}
