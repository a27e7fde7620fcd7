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
use App\Models\ProposedEstimate;
use App\Models\Task;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\EstimateRefused;
use Moss\Core\Effort\EstimateRules;
use Moss\Core\Time\Minutes;

/** Declares a task done for everybody, or opens it again. */
final readonly class MarkTaskDone
{
    public function __construct(private EffortReader $efforts, private UpdateTotals $totals, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * By the project manager, who may confirm it while others have hours remaining.
     *
     * @throws EstimateRefusal
     */
    public function handle(Person $actor, Task $task, bool $isDone, bool $isConfirmed, string $reason): void
    {
        try {
            DB::transaction(function () use ($actor, $task, $isDone, $isConfirmed, $reason): void {
                $effort = $this->efforts->task($task->id);
                if ($isDone && $effort !== null) {
                    (new EstimateRules($effort, Minutes::zero()))->checkDone(null, true, $isConfirmed);
                }
                $isDone ? $this->mark($actor, $task, $this->today->for($actor), $reason) : $this->open($actor, $task, $reason);
            });
        } catch (EstimateRefused $refused) {
            throw EstimateRefusal::because($refused->fault, ['task' => $task->name, 'others' => AssigneeNames::withRest($refused->others, $actor)]);
        }
    }

    /** Within the transaction of who calls. */
    public function mark(Person $actor, Task $task, Day $on, string $reason): void
    {
        if ($task->done_on === null) {
            // What waits to be decided on is about work that is no more.
            ProposedEstimate::query()->where('task_id', $task->id)->waiting()
                ->update(['state' => 'withdrawn', 'decided_by_id' => $actor->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            $this->change($actor, $task, $on->toString(), 'mark as done for everyone', $reason);
        }
    }

    private function open(Person $actor, Task $task, string $reason): void
    {
        if ($task->done_on !== null) {
            $this->change($actor, $task, null, 'reopen', $reason);
        }
    }

    private function change(Person $actor, Task $task, ?string $doneOn, string $act, string $reason): void
    {
        $before = $this->told($task);
        $task->update(['done_on' => $doneOn]);
        $this->totals->handle((new EffortChanges)->estimatesOf($task->id));
        $this->auditTrail->of([new AuditTrailLine($act, $actor->id, null, null, $task->id, $this->today->for($actor)->toString(), $before, $this->told($task), $reason, AuditTrailSubject::Task)]);
    }

    /** @return array<string, string|int|null> */
    private function told(Task $task): array
    {
        $effort = $this->efforts->task($task->id);

        return ['done_on' => $task->done_on?->toString(), 'remaining_minutes' => $effort?->remaining()->toInt(), 'forecast_minutes' => $effort?->forecast()->toInt()];
    }
}
