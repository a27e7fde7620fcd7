<?php

declare(strict_types=1);

namespace App\Approval;

use Moss\Core\Calendar\Day;
use Moss\Core\Review\ApprovalRoute;
use Moss\Core\Review\RouteKind;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Time\Minutes;

/** An entry with what its route is made of, and where it stands on it. */
final readonly class RoutedEntry
{
    public function __construct(
        public int $id,
        public int $personId,
        public int $taskId,
        public ?int $roleId,
        public Day $date,
        public Minutes $minutes,
        public EntryState $state,
        public int $version,
        public int $approvals,
        public ?int $approverId,
        public ?int $lastDecidedById,
        public int $projectId,
        public ?RouteKind $approval,
        public int $projectManagerId,
        public ?int $lineManagerId,
    ) {
    }

    /** @param  RouteKind  $default  the organisation's, for projects without one of their own */
    public function route(RouteKind $default): ApprovalRoute
    {
        return ApprovalRoute::of(
            $this->approval ?? $default,
            (string) $this->personId,
            (string) $this->projectManagerId,
            $this->lineManagerId === null ? null : (string) $this->lineManagerId,
        );
    }

    public function status(): EntryStatus
    {
        return EntryStatus::of($this->state, max(0, $this->approvals));
    }

    /** The same in somebody's turn; null for the office. */
    public function inTurnOf(?int $approver): self
    {
        return $this->with($approver, $this->version);
    }

    /** The same as it is stored after an act. */
    public function afterAct(): self
    {
        return $this->with($this->approverId, $this->version + 1);
    }

    private function with(?int $approver, int $version): self
    {
        return new self(
            $this->id, $this->personId, $this->taskId, $this->roleId, $this->date, $this->minutes, $this->state, $version, $this->approvals, $approver,
            $this->lastDecidedById, $this->projectId, $this->approval, $this->projectManagerId, $this->lineManagerId,
        );
    }
}
