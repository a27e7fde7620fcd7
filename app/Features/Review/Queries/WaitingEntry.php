<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\RouteNames;
use Moss\Core\Calendar\Day;
use Moss\Core\Review\ApprovalRoute;
use Moss\Core\Review\RouteKind;
use Moss\Core\Time\Minutes;

/** An entry that waits for somebody, with all that the desk shows of it. */
final readonly class WaitingEntry
{
    public function __construct(
        public int $id,
        public int $version,
        public int $personId,
        public int $taskId,
        public ?int $roleId,
        public Day $date,
        public Minutes $minutes,
        public string $note,
        public string $clientNote,
        public ?int $approverId,
        public int $approvals,
        public bool $needsAttention,
        public ?string $approver,
        public ?string $recorder,
        public string $person,
        public string $taskName,
        public string $project,
        public string $projectName,
        public RouteKind $approval,
        public ?string $role,
        public ?string $roleName,
        public int $projectManagerId,
        public ?int $lineManagerId,
        public ?string $projectManager,
        public ?string $lineManager,
        public bool $isBillable,
        public Day $monday,
        public ?string $chargeCode,
        public ?string $fields,
    ) {
    }

    /** @return list<string> who decides on it after the step that it waits for */
    public function routeAfter(): array
    {
        $route = ApprovalRoute::of(
            $this->approval, (string) $this->personId, (string) $this->projectManagerId, $this->lineManagerId === null ? null : (string) $this->lineManagerId,
        );

        return RouteNames::after($route, $this->approvals + 1, $this->projectManagerId, $this->projectManager, $this->lineManager);
    }
}
