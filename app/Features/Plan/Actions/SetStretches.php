<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Effort\Recalculation\UpdateTotals;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Plans an assignee in a role on a task anew, in as many stretches of days as there are; whoever was not on it before is put on it. */
final readonly class SetStretches
{
    public function __construct(private PlanAuditTrail $auditTrail, private UpdateTotals $totals, private AssignedNotices $notices, private Today $today)
    {
    }

    /**
     * @param  array{person_id: int|null, team_id: int|null}  $assignee
     * @param  non-empty-list<array{string, string, int}>  $stretches  first day, last day and minutes; no two begin on the same day
     */
    public function handle(Person $actor, Project $project, Task $task, array $assignee, ?int $role, array $stretches): void
    {
        $key = ['task_id' => $task->id] + $assignee + ['role_id' => $role];
        DB::transaction(function () use ($actor, $project, $task, $assignee, $key, $stretches): void {
            $before = Assignment::query()->where($key)->get();
            Assignment::query()->whereIntegerInRaw('id', $before->modelKeys())->delete();
            [$made] = array_map(static fn (array $stretch): Assignment => Assignment::query()->create($key + ['starts_on' => $stretch[0], 'ends_on' => $stretch[1], 'planned_minutes' => $stretch[2]]), $stretches);
            $planned = ['planned_minutes' => array_sum(array_column($stretches, 2)), 'stretches' => count($stretches)];
            $was = ['planned_minutes' => $before->sum(static fn (Assignment $one): int => $one->planned_minutes->toInt()), 'stretches' => $before->count()];
            $this->auditTrail->assignment($actor, $project, $task, $made, $before->isEmpty() ? 'add' : 'change daily hours', $before->isEmpty() ? null : $was, $before->isEmpty() ? $planned + PlanAuditTrail::told($made) : $planned);
            $this->totals->handle($this->auditTrail->write());
            $person = $assignee['person_id'];
            if ($before->isEmpty() && $person !== null && $person !== $actor->id && ! Day::of(max(array_column($stretches, 1)))->isBefore($this->today->for($actor))) {
                $this->notices->of([$person => [$task->id => true]]);
            }
        });
    }
}
