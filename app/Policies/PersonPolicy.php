<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Project;
use App\Models\Recorder;
use App\Models\Task;
use Illuminate\Auth\Access\Response;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Whose week somebody may see or write in. */
final class PersonPolicy
{
    /** A whole week: its owner, the time office, the line manager, and whom the owner has named. */
    public function viewWeek(Person $person, Person $owner): Response
    {
        return ! $person->isViewer() && WholeWeeks::isOpenTo($person, $owner) ? Response::allow() : Response::deny((string) __('refusals.week'));
    }

    /** At least what the owner has on some project: also that project's manager, who sees nothing else of the week. */
    public function viewPartOfWeek(Person $person, Person $owner): Response
    {
        return ! $person->isViewer() && self::managesWorkOf($person, $owner) ? Response::allow() : $this->viewWeek($person, $owner);
    }

    /** What the owner has recorded on a task: also the manager of its project. */
    public function viewEntries(Person $person, Person $owner, int $task): Response
    {
        $isManager = ! $person->isViewer() && Task::query()->join('projects', 'projects.id', 'tasks.project_id')->where('tasks.id', $task)->where('projects.manager_id', $person->id)->exists();

        return $isManager ? Response::allow() : $this->viewWeek($person, $owner);
    }

    /** The owner, the time office, the line manager, and whom the owner has named. */
    public function recordWeek(Person $person, Person $owner): Response
    {
        return match (true) {
            $person->isViewer(), $owner->isViewer() => Response::deny((string) __('refusals.viewer')),
            WholeWeeks::isOpenTo($person, $owner) => Response::allow(),
            default => Response::deny((string) __('refusals.record')),
        };
    }

    /** The owner, and whom the owner has left that to. */
    public function submitWeek(Person $person, Person $owner): Response
    {
        return match (true) {
            $person->isViewer() => Response::deny((string) __('refusals.viewer')),
            $person->id === $owner->id, Recorder::query()->where('person_id', $owner->id)->where('recorder_id', $person->id)->where('may_submit', true)->exists() => Response::allow(),
            default => Response::deny((string) __('refusals.submit')),
        };
    }

    /** Remaining hours are estimated by whoever may record for the person, and by the project's manager. */
    public function updateEstimate(Person $person, Person $owner, Task $task): Response
    {
        return Gate::forUser($person)->allows('plan', $task->project) && ! $owner->isViewer() ? Response::allow() : $this->recordWeek($person, $owner);
    }

    public function viewRemaining(Person $person, Person $owner, Task $task): Response
    {
        return Gate::forUser($person)->allows('view', $task->project) ? Response::allow() : $this->viewWeek($person, $owner);
    }

    /** Whether somebody may be named as one who records for a person: anyone else who records time. */
    public function nameRecorder(Person $person, Person $recorder): Response
    {
        return match (true) {
            $person->isViewer(), $recorder->isViewer() => Response::deny((string) __('refusals.viewer')),
            $person->id === $recorder->id => Response::deny((string) __('refusals.sheets.oneself')),
            default => Response::allow(),
        };
    }

    public function changePreferences(Person $person, Person $owner): Response
    {
        return $person->id === $owner->id ? Response::allow() : Response::deny((string) __('refusals.preferences'));
    }

    /** What waits for a person is theirs to see and decide; nothing ever waits for a viewer. */
    public function review(Person $person): Response
    {
        return $person->isViewer() ? Response::deny((string) __('refusals.viewer')) : Response::allow();
    }

    /** Stand-ins are added by the approver, or by the time office. */
    public function nameStandIn(Person $person, Person $principal): Response
    {
        return match (true) {
            $person->isViewer(), $principal->isViewer() => Response::deny((string) __('refusals.viewer')),
            $person->id === $principal->id, $person->isOffice() => Response::allow(),
            default => Response::deny((string) __('refusals.stand_in_of')),
        };
    }

    /** Whether somebody looks after others' weeks: the time office, and line managers. */
    public function lookAfter(Person $person): Response
    {
        return $person->isOffice() || Person::query()->where('manager_id', $person->id)->exists()
            ? Response::allow()
            : Response::deny((string) __('refusals.look_after'));
    }

    /** Whether somebody compares across projects: who sees projects, and line managers. */
    public function compare(Person $person): Response
    {
        return Gate::forUser($person)->allows('viewAny', Project::class) || $this->lookAfter($person)->allowed()
            ? Response::allow()
            : Response::deny((string) __('refusals.compare'));
    }

    /** Whether somebody looks at the load of others: who plans projects, and line managers. */
    public function viewLoads(Person $person): Response
    {
        return ! $person->isViewer() && $this->compare($person)->allowed() ? Response::allow() : Response::deny((string) __('refusals.loads'));
    }

    /** Whether somebody manages a project that the owner is planned on or has recorded on. */
    private static function managesWorkOf(Person $person, Person $owner): bool
    {
        $on = static fn (string $table): Builder => DB::table($table)->select('task_id')->where('person_id', $owner->id);

        return Task::query()->join('projects', 'projects.id', 'tasks.project_id')->where('projects.manager_id', $person->id)
            ->whereIn('tasks.id', $on('assignments')->union($on('recorded_weeks')))->exists();
    }
}
