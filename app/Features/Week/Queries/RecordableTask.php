<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\ProjectState;
use Moss\Core\Calendar\Day;

/** A task with all that says whether a person may record on it. */
final readonly class RecordableTask
{
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public ?string $chargeCode,
        public ?Day $doneOn,
        public string $project,
        public string $projectName,
        public ProjectState $projectState,
        public bool $internal,
        public string $manager,
        public bool $billable,
        public ?Day $closedUntil,
        public ?string $ownerTeam,
        public ?string $assigned,
        public ?Day $assignedFrom,
        public ?int $clientId,
        public ?string $client,
        public ?string $clientName,
        public bool $composesChargeCodes,
        public bool $hasOwnFields,
        public bool $hasKindsOfPay,
    ) {
    }

    public function isOpen(): bool
    {
        return $this->projectState === ProjectState::Open;
    }
}
