<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Effort\EffortReader;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\ProposedEstimate;
use App\Models\Task;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Effort\EstimateFault;
use Moss\Core\Effort\EstimateMode;
use Moss\Core\Effort\EstimateRefused;
use Moss\Core\Effort\EstimateRules;
use Moss\Core\Effort\RemainingEstimate as Estimate;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;

/** Takes a person's new estimate of a task: it takes effect, or it waits for the project manager, as the project is set. */
final readonly class UpdateEstimate
{
    public function __construct(
        private EffortReader $efforts,
        private SaveEstimate $save,
        private MarkTaskDone $finish,
        private EstimateNotices $notices,
        private Today $today,
    ) {
    }

    /** @throws EstimateRefusal */
    public function handle(Person $actor, Person $owner, Task $task, EstimateInput $input): EstimateResult
    {
        $owner->loadMissing('team');
        try {
            return DB::transaction(fn (): EstimateResult => $this->update($actor, $owner, $task, $input));
        } catch (EstimateRefused $refused) {
            throw EstimateRefusal::because($refused->fault, [
                'name' => $owner->name, 'task' => $task->name, 'manager' => $task->project->manager->name, 'others' => AssigneeNames::withRest($refused->others, $actor),
            ]);
        } catch (HoursTextRefused $refused) {
            throw EstimateRefusal::sentence(Wording::hoursRefused($refused));
        }
    }

    /**
     * @throws EstimateRefused
     * @throws HoursTextRefused
     */
    private function update(Person $actor, Person $owner, Task $task, EstimateInput $input): EstimateResult
    {
        $organisation = Organisation::query()->sole();
        $on = $this->today->for($owner);
        $effort = $this->efforts->task($task->id, $on) ?? throw EstimateRefused::because(EstimateFault::NotAssigned);
        $rules = new EstimateRules($effort, $organisation->estimate_tolerance);
        $team = $owner->team?->code;
        if ($input->forAll) {
            $rules->done($owner->code, $team, $on);
            $isManager = Gate::forUser($actor)->allows('plan', $task->project);
            $rules->checkDone($effort->effortOf($owner->code, $team)?->assignee, $isManager, $input->isConfirmed);
            $this->finish->mark($actor, $task, $on, $input->reason);

            return EstimateResult::InForce;
        }
        $estimate = $input->hours === null
            ? $rules->done($owner->code, $team, $on)
            : $rules->estimate($owner->code, $team, $on, HoursText::ofPlan($input->hours), $input->reason);
        if ($this->isNothingNew($effort, $owner, $estimate)) {
            return EstimateResult::InForce;
        }
        // Who decides on remaining estimates need not be asked.
        $mode = Gate::forUser($actor)->allows('plan', $task->project) ? EstimateMode::Immediate : $task->project->estimate_mode ?? $organisation->estimate_mode;
        if ($mode === EstimateMode::AfterApproval) {
            $this->ask($actor, $owner, $task, $estimate, $input->reason);

            return EstimateResult::Waiting;
        }
        $this->withdraw($actor, $owner, $task);
        $this->save->handle($actor, $owner, $task, $estimate, $input->reason, $estimate->done ? 'mark as done' : 'update');
        if ($mode === EstimateMode::WithNotice) {
            $this->notices->told($actor, $owner, $task, $effort, $effort->with($estimate), $estimate, $input->reason);
        }

        return EstimateResult::InForce;
    }

    /** Saying the same twice is the same as once. */
    private function isNothingNew(TaskEffort $effort, Person $owner, Estimate $estimate): bool
    {
        $latest = $effort->effortOf($owner->code, $owner->team?->code)?->latestEstimate();

        return $latest !== null && $latest->person === $owner->code && $latest->on->equals($estimate->on)
            && $latest->done === $estimate->done && $latest->remaining->toInt() === $estimate->remaining->toInt();
    }

    private function ask(Person $actor, Person $owner, Task $task, Estimate $estimate, string $reason): void
    {
        $this->withdraw($actor, $owner, $task);
        $asked = ProposedEstimate::query()->create([
            'person_id' => $owner->id, 'task_id' => $task->id, 'estimated_on' => $estimate->on->toString(), 'entered_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
            'entered_by_id' => $actor->id, 'remaining_minutes' => $estimate->remaining->toInt(), 'done' => $estimate->done, 'reason' => $reason,
        ]);
        $effort = $this->efforts->task($task->id, $estimate->on);
        $this->save->trace($actor, $owner, $task, $effort, $effort?->with($estimate), $estimate->on, $reason, 'submit');
        $this->notices->asked($actor, $owner, $task, $asked, $effort, $effort?->with($estimate));
    }

    /** What waited of the person on the task gives way to what they say now. */
    private function withdraw(Person $actor, Person $owner, Task $task): void
    {
        ProposedEstimate::query()->where('task_id', $task->id)->where('person_id', $owner->id)->waiting()
            ->update(['state' => 'withdrawn', 'decided_by_id' => $actor->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
    }
}
