<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Actions;

use App\Effort\EffortReader;
use App\Effort\Recalculation\UpdateTotals;
use App\Features\Plan\Actions\PlanAuditTrail;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\MessageKind;
use App\Models\Person;
use App\Models\Task;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/**
 * Takes hours of a team's task over as one's own: an assignment of the person with what they have entered on it already and what
 * they take over, out of the team's. What is planned and what remains of the task stays the same; its project manager is told.
 */
final readonly class PickUpTask
{
    public function __construct(private EffortReader $efforts, private PlanAuditTrail $auditTrail, private UpdateTotals $totals, private NotifyPeople $notify)
    {
    }

    /**
     * @param  string  $hours  to take over, as typed; empty for all that remains of the team's
     *
     * @throws TaskRefused
     */
    public function handle(Person $person, Task $task, string $hours): void
    {
        DB::transaction(function () use ($person, $task, $hours): void {
            $task->loadMissing('project.manager');
            $rows = $this->ofTeam($person, $task);
            $effort = $this->efforts->task($task->id)?->effortOf($person->code, $person->loadMissing('team')->team?->code);
            if ($effort === null || ! $effort->assignee->isTeam || $rows->isEmpty()) {
                throw TaskRefused::because('not_of_team');
            }
            if ($effort->latestEstimate() !== null) {
                throw TaskRefused::because('team_estimated', ['manager' => $task->project->manager->name]);
            }
            $taken = self::taken($hours, $effort->remaining());
            $entered = (int) Entry::query()->toBase()->where('person_id', $person->id)->where('task_id', $task->id)->sum('minutes');
            $this->move($person, $task, $rows, $taken->toInt() + max(0, $entered));
            $this->totals->handle($this->auditTrail->write());
            if ($task->project->manager_id !== $person->id) {
                $this->notify->of([new Notice($task->project->manager_id, MessageKind::TaskPickedUp, 'picked up '.$task->id.' '.$person->id, [
                    'name' => $person->name, 'task' => $task->name, 'project' => $task->project->name, 'hours' => $taken,
                ], '/projects/'.$task->project->code.'/plan')]);
            }
        });
    }

    /** @return Collection<int, Assignment> the team's, the one that ends last in front */
    private function ofTeam(Person $person, Task $task): Collection
    {
        return Assignment::query()->where('task_id', $task->id)->where('team_id', $person->team_id ?? 0)->orderByDesc('ends_on')->orderBy('id')->get();
    }

    /** @throws TaskRefused */
    private static function taken(string $hours, Minutes $remaining): Minutes
    {
        try {
            $taken = trim($hours) === '' ? $remaining : HoursText::ofPlan($hours);
        } catch (HoursTextRefused $refused) {
            throw TaskRefused::saying(Wording::hoursRefused($refused), 'hours');
        }

        return match (true) {
            $taken->isZero() => throw TaskRefused::because('nothing_left', field: 'hours'),
            $taken->isMoreThan($remaining) => throw TaskRefused::because('more_than_left', field: 'hours'),
            default => $taken,
        };
    }

    /** @param  Collection<int, Assignment>  $rows */
    private function move(Person $person, Task $task, Collection $rows, int $minutes): void
    {
        $project = $task->project;
        foreach ($rows as $row) {
            $part = min($minutes, $row->planned_minutes->toInt());
            if ($part === 0) {
                continue;
            }
            $minutes -= $part;
            $before = PlanAuditTrail::told($row);
            $row->update(['planned_minutes' => Minutes::of($row->planned_minutes->toInt() - $part)]);
            $this->auditTrail->assignment($person, $project, $task, $row, 'change', $before, PlanAuditTrail::told($row));
            $own = Assignment::query()->create(['task_id' => $task->id, 'person_id' => $person->id, 'team_id' => null, 'role_id' => $row->role_id, 'planned_minutes' => Minutes::of($part), 'starts_on' => $row->starts_on, 'ends_on' => $row->ends_on]);
            $this->auditTrail->assignment($person, $project, $task, $own, 'pick up', null, PlanAuditTrail::told($own));
        }
    }
}
