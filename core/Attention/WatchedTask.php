<?php

declare(strict_types=1);

namespace Moss\Core\Attention;

use Moss\Core\Calendar\Day;
use Moss\Core\Effort\AssigneeEffort;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Time\Minutes;

/** A task with its figures and the last day recorded on it. */
final readonly class WatchedTask
{
    /** Days without a record after which work has gone quiet. */
    private const QUIET = 14;

    public function __construct(public int $id, public TaskEffort $effort, public Figures $figures, public ?Day $lastRecorded)
    {
    }

    /** What is entered beyond the plan of assignees who have not updated the estimate; 0 once it is done. */
    public function overWithoutEstimate(): Minutes
    {
        $over = array_map(
            static fn (AssigneeEffort $assigneeEffort): Minutes => $assigneeEffort->latestEstimate() === null ? $assigneeEffort->over() : Minutes::zero(),
            $this->effort->isDone() ? [] : $this->effort->assigneeEfforts,
        );

        return Minutes::sum($over);
    }

    /** Whether something remains, the work is under way by the plan, and nothing was recorded for two weeks. */
    public function isQuiet(Day $today): bool
    {
        $since = $today->plusDays(-self::QUIET);
        if ($this->figures->remaining->isZero() || ($this->lastRecorded !== null && $this->lastRecorded->isAfter($since))) {
            return false;
        }
        foreach ($this->effort->assigneeEfforts as $assigneeEffort) {
            if (! $assigneeEffort->isDone() && ! $assigneeEffort->firstPlannedDay()->isAfter($since)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The latest estimates in force that are higher than what remained before them.
     *
     * @return list<AttentionItem>
     */
    public function raised(): array
    {
        $remarks = [];
        foreach ($this->effort->isDone() ? [] : $this->effort->assigneeEfforts as $assigneeEffort) {
            $latest = $assigneeEffort->latestEstimate();
            if ($latest === null || $latest->done) {
                continue;
            }
            $then = $assigneeEffort->asOf($latest->on);
            $without = new AssigneeEffort($then->assignee, $then->assignments, $then->entries, array_values(array_filter($then->estimates, static fn ($one): bool => $one !== $latest)));
            $grew = $then->remaining()->minus($without->remaining());
            if ($grew->toInt() > 0) {
                $remarks[] = new AttentionItem(AttentionKind::EstimateRaised, [$this->id], [$latest->person], $grew, null, $latest->on);
            }
        }

        return $remarks;
    }
}
