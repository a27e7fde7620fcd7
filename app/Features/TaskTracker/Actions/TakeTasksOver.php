<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use App\Features\Plan\Actions\AddPlanLines;
use App\Features\Plan\Actions\ChangePlan;
use App\Features\Plan\Actions\PlanChange;
use App\Features\Plan\Actions\PlanLine;
use App\Features\Plan\Actions\PlanRefused;
use App\Features\Plan\Actions\RemovePlanRows;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Task;
use App\Models\TrackerLink;
use App\Models\TrackerPerson;
use App\Models\TrackerTask;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Brings tasks of a task tracker over into the plan, with whoever is on them there and without whoever is no longer, in the name of whoever linked the two. */
final readonly class TakeTasksOver
{
    public function __construct(private AddPlanLines $add, private ChangePlan $change, private RemovePlanRows $remove, private Today $today)
    {
    }

    public function handle(TrackerLink $link): void
    {
        $people = TrackerPerson::query()->where('tracker_id', $link->tracker_id)->whereNotNull('person_id')->with('person:id,code')->get()->keyBy('login');
        foreach ($link->tasks()->with('task.assignments')->orderBy('id')->get() as $there) {
            if ($there->task_id === null && $link->takes_tasks) {
                $this->create($link, $there);
            }
            $missing = [];
            foreach ($there->task_id === null ? [] : $there->people as $login) {
                $person = $people->get($login)?->person;
                $isThere = $person === null || $there->task?->assignments->contains(static fn (Assignment $one): bool => $one->person_id === $person->id) === true;
                if (! $isThere) {
                    $missing[] = $person;
                }
            }
            $this->assign($link, $there, $missing);
            $this->release($link, $there, array_values(array_filter(array_map(static fn (string $login): ?Person => $people->get($login)?->person, array_diff($there->assigned, $there->people)))));
            if ($there->task_id !== null && $there->assigned !== $there->people) {
                $there->update(['assigned' => $there->people]);
            }
        }
    }

    private function create(TrackerLink $link, TrackerTask $there): void
    {
        try {
            DB::transaction(function () use ($link, $there): void {
                $this->add->handle($link->linkedBy, $link->project, [new PlanLine(['task' => mb_substr($there->title, 0, 200), 'code' => $there->remote_key], null)]);
                $task = Task::query()->where('project_id', $link->project_id)->where('code', $there->remote_key)->first();
                $there->update(['task_id' => $task?->id]);
                $there->load('task.assignments');
            });
        } catch (PlanRefused) {
            // It stays among those that are not matched, where somebody says which it is.
        }
    }

    /** @param  list<Person|null>  $people  who is on it there and not here; what is estimated there is planned for the first who is */
    private function assign(TrackerLink $link, TrackerTask $there, array $people): void
    {
        $planned = $there->task?->assignments->isEmpty() === true && $there->task->planned_minutes === null ? $there->minutes : 0;
        foreach (array_values(array_filter($people)) as $place => $person) {
            try {
                $this->add->handle($link->linkedBy, $link->project, [new PlanLine(['code' => (string) $there->task?->code, 'who' => $person->code, 'planned' => $place === 0 ? $planned.'m' : '0'], null)]);
            } catch (PlanRefused) {
                return;
            }
        }
    }

    /**
     * Who is no longer on it there: what nothing hangs on is removed, all else ends today.
     *
     * @param  list<Person>  $people
     */
    private function release(TrackerLink $link, TrackerTask $there, array $people): void
    {
        $ids = array_map(static fn (Person $person): int => $person->id, $people);
        $today = $this->today->for($link->linkedBy);
        foreach ($ids === [] ? [] : Assignment::query()->where('task_id', $there->task_id)->whereIntegerInRaw('person_id', $ids)->where('ends_on', '>=', $today->toString())->get() as $assignment) {
            if (! $assignment->planned_minutes->isZero() || ! $this->isRemoved($link, $assignment)) {
                $this->end($link, $assignment, $today);
            }
        }
    }

    private function isRemoved(TrackerLink $link, Assignment $assignment): bool
    {
        try {
            $this->remove->handle($link->linkedBy, $link->project, [], [$assignment->id]);
        } catch (PlanRefused) {
            // Something was recorded on it.
            return false;
        }

        return true;
    }

    private function end(TrackerLink $link, Assignment $assignment, Day $today): void
    {
        $last = $assignment->starts_on->isAfter($today) ? $assignment->starts_on : $today;
        try {
            $this->change->handle($link->linkedBy, $link->project, [new PlanChange(null, [$assignment->id], ['endsOn' => $last->toString()])]);
        } catch (PlanRefused) {
            // The plan keeps what it cannot do without.
        }
    }
}
