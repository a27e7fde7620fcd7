<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Actions;

use App\Features\Plan\Actions\AddPlanLines;
use App\Features\Plan\Actions\ChangePlan;
use App\Features\Plan\Actions\PlanChange;
use App\Features\Plan\Actions\PlanLine;
use App\Features\Plan\Actions\PlannedStretches;
use App\Features\Plan\Actions\PlanRefused;
use App\Features\Plan\Actions\RemovePlanRows;
use App\Features\Plan\Actions\SetStretches;
use App\Features\ScheduleFiles\Queries\ComparedSchedule;
use App\Features\ScheduleFiles\Queries\PlanAsSchedule;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Project;
use App\Models\ScheduleFile;
use App\Models\Task;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Schedule\ScheduleConflict;
use Moss\Core\Schedule\ScheduleDifference;
use Moss\Core\Schedule\ScheduledTask;
use Moss\Core\Schedule\ScheduledWork;
use Moss\Core\Schedule\ScheduleOutcome;
use Moss\Core\Time\HoursFormat;

/**
 * Takes parts of a schedule file over into the plan: all that was chosen, or nothing. Tasks come before whoever works on them, each kind of
 * change in one act of the plan. Files stay, to be refreshed by the next.
 */
final readonly class TakeSchedule
{
    public function __construct(private PlanAsSchedule $plans, private AddPlanLines $add, private ChangePlan $change, private RemovePlanRows $remove, private SetStretches $stretches, private SetScheduleDetails $details)
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
            $wanted = array_flip($keys);
            $chosen = array_filter($compared->differences, static fn (ScheduleDifference $one): bool => $one->outcome !== ScheduleOutcome::Same && $one->conflict !== ScheduleConflict::Recorded && isset($wanted[$one->key]));
            $isGone = static fn (ScheduleDifference $one): bool => $one->outcome === ScheduleOutcome::Gone;
            $ofTasks = array_values(array_filter($chosen, static fn (ScheduleDifference $one): bool => $one->assignee === null && ! $isGone($one)));
            $ofWork = array_values(array_filter($chosen, static fn (ScheduleDifference $one): bool => $one->assignee !== null && ! $isGone($one)));
            $this->addTasks($actor, $project, $ofTasks, $compared->file->tasks);
            $tasks = self::tasks($project);
            $this->changeTasks($actor, $project, $ofTasks, $compared->file->tasks, $tasks);
            $this->details->handle($actor, $project, $ofTasks, $compared->file->tasks, $tasks);
            $this->plan($actor, $project, $ofWork, $compared->file->work, $tasks);
            $this->remove($actor, $project, array_values(array_filter($chosen, $isGone)), $tasks);

            return count($chosen);
        });
    }

    /** @return Collection<array-key, Task> by code */
    private static function tasks(Project $project): Collection
    {
        return Task::query()->where('project_id', $project->id)->get()->keyBy('code')->toBase();
    }

    /**
     * @param  list<ScheduleDifference>  $ofTasks
     * @param  array<array-key, ScheduledTask>  $file
     */
    private function addTasks(Person $actor, Project $project, array $ofTasks, array $file): void
    {
        $lines = [];
        foreach ($ofTasks as $one) {
            if ($one->outcome === ScheduleOutcome::Added) {
                $task = $file[$one->task];
                $lines[] = new PlanLine(array_filter(['task' => $task->name === '' ? $task->code : $task->name, 'code' => $task->code] + self::fields($task), static fn (string $text): bool => $text !== ''), null);
            }
        }
        if ($lines !== []) {
            $this->add->handle($actor, $project, $lines);
        }
    }

    /**
     * @param  list<ScheduleDifference>  $ofTasks
     * @param  array<array-key, ScheduledTask>  $file
     * @param  Collection<array-key, Task>  $tasks
     */
    private function changeTasks(Person $actor, Project $project, array $ofTasks, array $file, Collection $tasks): void
    {
        // As the plan calls what a file has in a column of another name.
        $named = ['startsOn' => 'starts_on', 'endsOn' => 'ends_on'];
        $changes = [];
        foreach ($ofTasks as $one) {
            $task = $one->outcome === ScheduleOutcome::Changed ? $tasks->get($one->task) : null;
            $fields = $task === null ? [] : array_filter(['name' => $file[$one->task]->name] + self::fields($file[$one->task]), static fn (string $field): bool => isset($one->changes[$named[$field] ?? $field]), ARRAY_FILTER_USE_KEY);
            if ($task !== null && $fields !== []) {
                $changes[] = new PlanChange($task->id, [], $fields);
            }
        }
        if ($changes !== []) {
            $this->change->handle($actor, $project, $changes);
        }
    }

    /** @return array<string, string> as they are typed in a plan */
    private static function fields(ScheduledTask $task): array
    {
        return [
            'phase' => $task->phase, 'planned' => $task->planned === null ? '' : HoursFormat::exact($task->planned),
            'startsOn' => $task->starts?->toString() ?? '', 'endsOn' => $task->ends?->toString() ?? '',
        ];
    }

    /**
     * @param  list<ScheduleDifference>  $ofWork
     * @param  array<string, ScheduledWork>  $file
     * @param  Collection<array-key, Task>  $tasks
     *
     * @throws PlanRefused
     */
    private function plan(Person $actor, Project $project, array $ofWork, array $file, Collection $tasks): void
    {
        $codes = ScheduleCodes::of($ofWork);
        [$lines, $stretches] = [[], []];
        foreach ($ofWork as $one) {
            $task = $tasks->get($one->task) ?? throw PlanRefused::because('gone');
            $work = $file[self::keyOfWork($one)];
            if ($work->stretches !== []) {
                $stretches[] = new PlannedStretches($task, $codes->assignee($work->assignee), $codes->role($work->role), $work->stretches);
            } elseif ($one->outcome === ScheduleOutcome::Added) {
                // Somebody is on it without hours yet.
                $lines[] = new PlanLine(['code' => $task->code, 'who' => $work->assignee, 'role' => $work->role, 'planned' => '0'], null);
            }
        }
        if ($stretches !== []) {
            $this->stretches->handle($actor, $project, $stretches);
        }
        if ($lines !== []) {
            $this->add->handle($actor, $project, $lines);
        }
    }

    /**
     * @param  list<ScheduleDifference>  $gone
     * @param  Collection<array-key, Task>  $tasks
     */
    private function remove(Person $actor, Project $project, array $gone, Collection $tasks): void
    {
        if ($gone === []) {
            return;
        }
        $codes = ScheduleCodes::of($gone);
        [$ids, $keys] = [[], []];
        foreach ($gone as $one) {
            $id = $tasks->get($one->task)->id ?? 0;
            if ($one->assignee === null) {
                $ids[] = $id;
            } else {
                $assignee = $codes->assignee($one->assignee);
                $keys[PlannedStretches::keyOf($id, $assignee['person_id'], $assignee['team_id'], $codes->role($one->role))] = true;
            }
        }
        $assignments = Assignment::query()->whereIn('task_id', $project->tasks()->select('id'))->get()
            ->filter(static fn (Assignment $one): bool => isset($keys[PlannedStretches::keyOf($one->task_id, $one->person_id, $one->team_id, $one->role_id)]));
        $this->remove->handle($actor, $project, $ids, array_values($assignments->map(static fn (Assignment $one): int => $one->id)->all()));
    }

    private static function keyOfWork(ScheduleDifference $one): string
    {
        return substr($one->key, strlen('work '));
    }
}
