<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Features\Figures\Queries\TaskEfforts;
use App\Models\AskedRestatement;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Task;
use App\Support\Clock\Today;
use App\Support\Words;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Effort\Restatement as Word;
use Moss\Core\Effort\RestatementFault;
use Moss\Core\Effort\RestatementMode;
use Moss\Core\Effort\RestatementRefused;
use Moss\Core\Effort\Restating;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/** Takes a person's word on what is left of a task: it counts, or it waits for the project manager, as the project has it. */
final readonly class Restate
{
    public function __construct(
        private TaskEfforts $efforts,
        private KeepRestatement $keep,
        private FinishTask $finish,
        private RestatementNotices $notices,
        private Today $today,
    ) {
    }

    /** @throws RestatementRefusal */
    public function handle(Person $actor, Person $owner, Task $task, WordOnRemaining $said): Stated
    {
        $owner->loadMissing('team');
        try {
            return DB::transaction(fn (): Stated => $this->restate($actor, $owner, $task, $said));
        } catch (RestatementRefused $refused) {
            throw RestatementRefusal::because($refused->fault, [
                'name' => $owner->name, 'task' => $task->name, 'manager' => $task->project->manager->name, 'others' => HolderNames::withRest($refused->others, $actor),
            ]);
        } catch (HoursTextRefused $refused) {
            throw RestatementRefusal::sentence(Words::hoursRefused($refused));
        }
    }

    /**
     * @throws RestatementRefused
     * @throws HoursTextRefused
     */
    private function restate(Person $actor, Person $owner, Task $task, WordOnRemaining $said): Stated
    {
        $organisation = Organisation::query()->sole();
        $effort = $this->efforts->of($task->id) ?? throw RestatementRefused::because(RestatementFault::NotHeld);
        $restating = new Restating($effort, Minutes::of($organisation->restatement_tolerance));
        $on = $this->today->for($owner);
        $team = $owner->team?->code;
        if ($said->forAll) {
            $restating->done($owner->code, $team, $on);
            $isManager = Gate::forUser($actor)->allows('plan', $task->project);
            $restating->mayBeDone($effort->holdingOf($owner->code, $team)?->holder, $isManager, $said->isConfirmed);
            $this->finish->mark($actor, $task, $on, $said->reason);

            return Stated::Counts;
        }
        $word = $said->hours === null
            ? $restating->done($owner->code, $team, $on)
            : $restating->left($owner->code, $team, $on, HoursText::ofPlan($said->hours), $said->reason);
        if ($this->isNothingNew($effort, $owner, $word)) {
            return Stated::Counts;
        }
        // Who decides on restatements need not be asked.
        $mode = Gate::forUser($actor)->allows('plan', $task->project) ? RestatementMode::AtOnce : $task->project->restatements ?? $organisation->restatements;
        if ($mode === RestatementMode::Asked) {
            $this->ask($actor, $owner, $task, $word, $said->reason);

            return Stated::Waits;
        }
        $this->withdraw($actor, $owner, $task);
        $this->keep->handle($actor, $owner, $task, $word, $said->reason, $word->done ? 'say done' : 'restate');
        if ($mode === RestatementMode::Told) {
            $this->notices->told($actor, $owner, $task, $effort, $effort->with($word), $word, $said->reason);
        }

        return Stated::Counts;
    }

    /** Saying the same twice is the same as once. */
    private function isNothingNew(TaskEffort $effort, Person $owner, Word $word): bool
    {
        $latest = $effort->holdingOf($owner->code, $owner->team?->code)?->latestRestatement();

        return $latest !== null && $latest->person === $owner->code && $latest->on->equals($word->on)
            && $latest->done === $word->done && $latest->remaining->toInt() === $word->remaining->toInt();
    }

    private function ask(Person $actor, Person $owner, Task $task, Word $word, string $reason): void
    {
        $this->withdraw($actor, $owner, $task);
        $asked = AskedRestatement::query()->create([
            'person_id' => $owner->id, 'task_id' => $task->id, 'stated_on' => $word->on->toString(), 'stated_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
            'stated_by_id' => $actor->id, 'remaining_minutes' => $word->remaining->toInt(), 'done' => $word->done, 'reason' => $reason,
        ]);
        $effort = $this->efforts->of($task->id);
        $this->keep->trace($actor, $owner, $task, $effort, $effort?->with($word), $word->on, $reason, 'ask');
        $this->notices->asked($actor, $owner, $task, $asked, $effort, $effort?->with($word));
    }

    /** What waited of the person on the task gives way to what they say now. */
    private function withdraw(Person $actor, Person $owner, Task $task): void
    {
        AskedRestatement::query()->where('task_id', $task->id)->where('person_id', $owner->id)->where('state', 'waiting')
            ->update(['state' => 'withdrawn', 'decided_by_id' => $actor->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
    }
}
