<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Models\MessageKind;
use App\Models\Person;
use App\Models\ProposedEstimate;
use App\Models\Task;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\RemainingEstimate as Estimate;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Time\Minutes;

/** Notifies project managers of new estimates, and people of the decisions on theirs. */
final readonly class EstimateNotices
{
    public function __construct(private NotifyPeople $notify)
    {
    }

    public function told(Person $actor, Person $owner, Task $task, TaskEffort $before, TaskEffort $after, Estimate $estimate, string $reason): void
    {
        if ($task->project->manager_id === $actor->id) {
            return;
        }
        $about = implode(' ', ['estimated', $task->id, $owner->id, $estimate->on->toString(), $estimate->done ? 'done' : $estimate->remaining->toInt()]);
        $this->notify->of([new Notice($task->project->manager_id, MessageKind::EstimateUpdated, $about, self::values($owner, $task, $before, $after, $reason), self::link($task))]);
    }

    public function asked(Person $actor, Person $owner, Task $task, ProposedEstimate $asked, ?TaskEffort $before, ?TaskEffort $after): void
    {
        $this->notify->of([new Notice(
            $task->project->manager_id, MessageKind::EstimateWaiting, 'remaining estimate '.$asked->id, self::values($owner, $task, $before, $after, $asked->reason), self::link($task),
        )]);
    }

    public function decided(Person $decider, ProposedEstimate $asked, Task $task): void
    {
        $this->notify->of([new Notice($asked->person_id, MessageKind::EstimateDecided, 'remaining estimate '.$asked->id.' decided', [
            'name' => $decider->name, 'task' => $task->name.', '.$task->project->name, 'verdict' => $asked->state->value, 'remaining' => $asked->remaining_minutes, 'comment' => $asked->comment,
        ], '/week/'.Week::containing($asked->estimated_on)->toString())]);
    }

    /** @return array<string, Minutes|Day|int|string> */
    private static function values(Person $owner, Task $task, ?TaskEffort $before, ?TaskEffort $after, string $reason): array
    {
        $left = static fn (?TaskEffort $effort): Minutes => $effort?->effortOf($owner->code, $owner->team?->code)?->remaining() ?? Minutes::zero();
        $forecast = static fn (?TaskEffort $effort): Minutes => $effort?->forecast() ?? Minutes::zero();

        return [
            'name' => $owner->name, 'task' => $task->name, 'project' => $task->project->name, 'before' => $left($before), 'after' => $left($after),
            'forecast_before' => $forecast($before), 'forecast' => $forecast($after), 'reason' => $reason,
        ];
    }

    private static function link(Task $task): string
    {
        return '/projects/'.$task->project->code.'?figure=remaining&task='.$task->code;
    }
}
