<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Effort\EffortReader;
use App\Models\Person;
use App\Models\ProposalState;
use App\Models\ProposedEstimate;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Effort\EstimateFault;
use Moss\Core\Effort\RemainingEstimate as Estimate;

/** Accepts or declines a remaining estimate that waits; twice is the same as once. */
final readonly class DecideEstimate
{
    public function __construct(private SaveEstimate $save, private EffortReader $efforts, private EstimateNotices $notices, private Today $today)
    {
    }

    /** @throws EstimateRefusal */
    public function handle(Person $decider, ProposedEstimate $asked, bool $accepts, string $comment): void
    {
        if (! $accepts && trim($comment) === '') {
            throw EstimateRefusal::saying('no_comment');
        }
        DB::transaction(fn () => $this->decide($decider, $asked, $accepts, trim($comment)));
    }

    private function decide(Person $decider, ProposedEstimate $asked, bool $accepts, string $comment): void
    {
        $asked->refresh()->load('task.project', 'person.team');
        $verdict = $accepts ? ProposalState::Accepted : ProposalState::Declined;
        $effort = $this->efforts->task($asked->task_id);
        if ($asked->state === $verdict && $asked->decided_by_id === $decider->id) {
            return;
        }
        if ($asked->state !== ProposalState::Waiting) {
            throw EstimateRefusal::saying('decided');
        }
        if ($accepts && $effort?->effortOf($asked->person->code, $asked->person->team?->code) === null) {
            throw EstimateRefusal::because(EstimateFault::NotAssigned, ['name' => $asked->person->name, 'task' => $asked->task->name, 'manager' => $decider->name]);
        }
        $asked->update(['state' => $verdict, 'decided_by_id' => $decider->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'comment' => $comment]);
        $said = new Estimate($asked->person->code, $asked->person->team?->code, $asked->estimated_on, $asked->remaining_minutes, $asked->done);
        if ($accepts) {
            $this->save->handle($decider, $asked->person, $asked->task, $said, $asked->reason, 'accept');
        } else {
            $this->save->trace($decider, $asked->person, $asked->task, $effort?->with($said), $effort, $said->on, $comment, 'decline');
        }
        $this->notices->decided($decider, $asked, $asked->task);
    }
}
