<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\EffortReader;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Models\Person;
use App\Models\RemainingEstimate;
use App\Models\Task;
use App\Support\Clock\Today;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\RemainingEstimate as Estimate;
use Moss\Core\Effort\TaskEffort;

/** Puts a remaining estimate in force, in the place of one that the person made on the same day; the audit trail keeps both. */
final readonly class SaveEstimate
{
    public function __construct(private EffortReader $efforts, private UpdateTotals $totals, private AuditTrail $auditTrail, private Today $today)
    {
    }

    public function handle(Person $actor, Person $owner, Task $task, Estimate $estimate, string $reason, string $act): void
    {
        $before = $this->efforts->task($task->id);
        $known = RemainingEstimate::query()->where('task_id', $task->id)->where('person_id', $owner->id)->where('estimated_on', $estimate->on->toString())->first();
        // Inserted rather than updated, so that it is the last estimate of the day.
        $known?->delete();
        RemainingEstimate::query()->create([
            'task_id' => $task->id, 'person_id' => $owner->id, 'estimated_on' => $estimate->on->toString(), 'remaining_minutes' => $estimate->remaining->toInt(),
            'done' => $estimate->done, 'reason' => $reason, 'entered_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'entered_by_id' => $actor->id,
        ]);
        $this->totals->handle((new EffortChanges)->estimatesOf($task->id));
        $this->trace($actor, $owner, $task, $before, $this->efforts->task($task->id), $estimate->on, $reason, $act);
    }

    public function trace(Person $actor, Person $owner, Task $task, ?TaskEffort $before, ?TaskEffort $after, Day $on, string $reason, string $act): void
    {
        $this->auditTrail->of([new AuditTrailLine(
            $act, $actor->id, null, $owner->id, $task->id, $on->toString(), self::told($before, $owner), self::told($after, $owner), $reason, AuditTrailSubject::Remaining,
        )]);
    }

    /** @return array<string, string|int|null>|null */
    private static function told(?TaskEffort $effort, Person $owner): ?array
    {
        $assigneeEffort = $effort?->effortOf($owner->code, $owner->team?->code);
        if ($effort === null || $assigneeEffort === null) {
            return null;
        }
        $forecast = $effort->forecast();

        return ['remaining_minutes' => $assigneeEffort->remaining()->toInt(), 'done' => $assigneeEffort->isDone() ? 'yes' : 'no', 'forecast_minutes' => $forecast->toInt()];
    }
}
