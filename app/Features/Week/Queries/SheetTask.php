<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\ProjectState;
use Moss\Core\Calendar\Day;
use Moss\Core\Review\RouteKind;

/** A task that a line of a sheet is on. */
final readonly class SheetTask
{
    public function __construct(
        public int $id,
        public string $name,
        public string $code,
        public ?Day $doneOn,
        public string $project,
        public string $projectName,
        public ProjectState $projectState,
        public bool $internal,
        public ?string $phase,
        public ?RouteKind $approval,
        public int $projectManagerId,
        public string $projectManager,
        public bool $billable,
        public ?string $chargeCode,
        public ?string $client,
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
