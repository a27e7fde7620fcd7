<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Actions;

use App\Features\Plan\Actions\AddPlanLines;
use App\Features\Plan\Actions\ChangePlan;
use App\Features\Plan\Actions\PlanAuditTrail;
use App\Features\Plan\Actions\PlanChange;
use App\Features\Plan\Actions\PlanLine;
use App\Features\Plan\Actions\PlanRefused;
use App\Features\Plan\Actions\RemovePlanRows;
use App\Features\Plan\Actions\SetStretches;
use App\Features\ScheduleFiles\Queries\ComparedSchedule;
use App\Features\ScheduleFiles\Queries\PlanAsSchedule;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Project;
use App\Models\Role;
use App\Models\ScheduleFile;
use App\Models\Task;
use App\Models\TaskDependency;
use App\Models\TaskSchedule;
use App\Models\Team;
use Illuminate\Support\Facades\DB;
use Moss\Core\Schedule\ScheduleConflict;
use Moss\Core\Schedule\ScheduleDifference;
use Moss\Core\Schedule\ScheduledTask;
use Moss\Core\Schedule\ScheduledWork;
use Moss\Core\Schedule\ScheduleOutcome;
use Moss\Core\Time\HoursFormat;

/** Takes parts of a schedule file over into the plan: all that was chosen, or nothing. Files stay, to be refreshed by the next. */
final readonly class TakeSchedule
{
    public function __construct(private PlanAsSchedule $plans, private AddPlanLines $add, private ChangePlan $change, private RemovePlanRows $remove, private SetStretches $stretches, private PlanAuditTrail $auditTrail)
    {
    }

    /**
     * @param  list<string>  $keys  of differences that are wanted
     * @return int how many were taken
     *
     * @throws PlanRefused
     */
    public function handle(Person $actor, Project $project, ScheduleFile $sent, array $keys): int
    {
        return DB::transaction(function () use ($actor, $project, $sent, $keys): int {
            $compared = ComparedSchedule::of($this->plans, $project, $sent);
            $chosen = array_values(array_filter($compared->differences, static fn (ScheduleDifference $one): bool => $one->outcome !== ScheduleOutcome::Same && $one->conflict !== ScheduleConflict::Recorded && in_array($one->key, $keys, true)));
            // Tasks come before whoever works on them, and go after.
            usort($chosen, static fn (ScheduleDifference $one, ScheduleDifference $other): int => self::turn($one) <=> self::turn($other));
            foreach ($chosen as $one) {
                $task = Task::query()->where('project_id', $project->id)->where('code', $one->task)->first();
                match (true) {
                    $one->assignee === null && $one->outcome === ScheduleOutcome::Gone => $task === null ? null : $this->remove->handle($actor, $project, $task->id, []),
                    $one->assignee === null => $this->task($actor, $project, $task, $one, $compared->file->tasks[$one->task]),
                    $one->outcome === ScheduleOutcome::Gone => $this->removeWork($actor, $project, $task, $one),
                    default => $this->work($actor, $project, $task ?? throw PlanRefused::because('gone'), $one, $compared->file->work[substr($one->key, strlen('work '))]),
                };
            }
            $this->dependencies($actor, $project, $chosen, $compared);

            return count($chosen);
        });
    }

    private static function turn(ScheduleDifference $one): int
    {
        return ($one->outcome === ScheduleOutcome::Gone ? 2 : 0) + (($one->assignee === null) === ($one->outcome === ScheduleOutcome::Gone) ? 1 : 0);
    }

    private function task(Person $actor, Project $project, ?Task $task, ScheduleDifference $one, ScheduledTask $said): void
    {
        if ($task === null) {
            $this->add->handle($actor, $project, [new PlanLine(array_filter([
                'task' => $said->name === '' ? $said->code : $said->name, 'code' => $said->code, 'phase' => $said->phase, 'planned' => $said->planned === null ? '' : HoursFormat::exact($said->planned),
                'startsOn' => $said->starts?->toString() ?? '', 'endsOn' => $said->ends?->toString() ?? '',
            ], static fn (string $text): bool => $text !== ''), null)]);
            $task = Task::query()->where('project_id', $project->id)->where('code', $said->code)->firstOrFail();
        } else {
            $fields = array_intersect_key([
                'name' => $said->name, 'phase' => $said->phase, 'planned' => $said->planned === null ? '' : HoursFormat::exact($said->planned), 'starts_on' => $said->starts?->toString() ?? '', 'ends_on' => $said->ends?->toString() ?? '',
            ], $one->changes);
            $named = ['starts_on' => 'startsOn', 'ends_on' => 'endsOn'];
            $fields = array_combine(array_map(static fn (string $field): string => $named[$field] ?? $field, array_keys($fields)), $fields);
            if ($fields !== []) {
                $this->change->handle($actor, $project, [new PlanChange($task->id, [], $fields)]);
            }
        }
        if (isset($one->changes['wbs']) || isset($one->changes['milestone'])) {
            $about = TaskSchedule::query()->firstOrNew(['task_id' => $task->id], ['wbs' => '', 'is_milestone' => false]);
            $before = ['wbs' => $about->wbs, 'milestone' => $about->is_milestone ? 'yes' : 'no'];
            $about->fill(['wbs' => isset($one->changes['wbs']) ? $said->wbs : $about->wbs, 'is_milestone' => $said->isMilestone || $about->is_milestone])->save();
            $this->auditTrail->task($actor, $project, $task, 'change', $before, ['wbs' => $about->wbs, 'milestone' => $about->is_milestone ? 'yes' : 'no']);
            $this->auditTrail->write();
        }
    }

    private function work(Person $actor, Project $project, Task $task, ScheduleDifference $one, ScheduledWork $work): void
    {
        if ($work->stretches === []) {
            // Somebody is on it without hours yet.
            if ($one->outcome === ScheduleOutcome::Added) {
                $this->add->handle($actor, $project, [new PlanLine(['code' => $task->code, 'who' => $work->assignee, 'role' => $work->role, 'planned' => '0'], null)]);
            }

            return;
        }
        $this->stretches->handle($actor, $project, $task, self::assignee($work->assignee), self::role($work->role), $work->stretches);
    }

    private function removeWork(Person $actor, Project $project, ?Task $task, ScheduleDifference $one): void
    {
        $ids = Assignment::query()->where('task_id', $task?->id)->where(self::assignee((string) $one->assignee))->where('role_id', self::role($one->role))->pluck('id')->all();
        $this->remove->handle($actor, $project, null, array_values(array_filter($ids, is_int(...))));
    }

    /**
     * What tasks wait for, once all of them are there.
     *
     * @param  list<ScheduleDifference>  $chosen
     */
    private function dependencies(Person $actor, Project $project, array $chosen, ComparedSchedule $compared): void
    {
        $tasks = Task::query()->where('project_id', $project->id)->get()->keyBy('code');
        foreach ($chosen as $one) {
            $task = isset($one->changes['after']) && $one->assignee === null ? $tasks->get($one->task) : null;
            if ($task === null) {
                continue;
            }
            TaskDependency::query()->where('task_id', $task->id)->delete();
            foreach ($compared->file->tasks[$one->task]->after as $dependency) {
                $predecessor = $tasks->get($dependency->task) ?? throw PlanRefused::with(['' => __('schedule.no_predecessor', ['task' => $task->name, 'predecessor' => $dependency->task])]);
                TaskDependency::query()->updateOrCreate(['task_id' => $task->id, 'predecessor_id' => $predecessor->id], ['kind' => $dependency->kind, 'lag' => $dependency->lag]);
            }
            $this->auditTrail->task($actor, $project, $task, 'change', ['after' => $one->changes['after'][0]], ['after' => $one->changes['after'][1]]);
        }
        $this->auditTrail->write();
    }

    /** @return array{person_id: int|null, team_id: int|null} */
    private static function assignee(string $text): array
    {
        [$kind, $code] = explode(':', $text, 2);

        return $kind === 'team'
            ? ['person_id' => null, 'team_id' => Team::query()->where('code', $code)->sole()->id]
            : ['person_id' => Person::query()->where('code', $code)->sole()->id, 'team_id' => null];
    }

    private static function role(string $code): ?int
    {
        return $code === '' ? null : Role::query()->where('code', $code)->sole()->id;
    }
}
