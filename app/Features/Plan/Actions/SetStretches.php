<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Effort\Recalculation\UpdateTotals;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Project;
use App\Support\Clock\Today;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Plans assignees in their roles on tasks anew, in as many stretches of days as there are; whoever was not on a task before is put on it. */
final readonly class SetStretches
{
    private const AT_ONCE = 100;

    public function __construct(private PlanAuditTrail $auditTrail, private UpdateTotals $totals, private AssignedNotices $notices, private Today $today)
    {
    }

    /** @param  list<PlannedStretches>  $all  no two of the same assignee in the same role on the same task */
    public function handle(Person $actor, Project $project, array $all): void
    {
        DB::transaction(function () use ($actor, $project, $all): void {
            $before = Assignment::query()->whereIntegerInRaw('task_id', array_map(static fn (PlannedStretches $one): int => $one->task->id, $all))->get()
                ->groupBy(static fn (Assignment $one): string => PlannedStretches::keyOf($one->task_id, $one->person_id, $one->team_id, $one->role_id));
            $today = $this->today->for($actor);
            [$gone, $rows, $assigned] = [[], [], []];
            foreach ($all as $one) {
                $had = $before->get($one->key(), new Collection);
                $made = $one->assignments();
                array_push($gone, ...array_values($had->map(static fn (Assignment $stretch): int => $stretch->id)->all()));
                array_push($rows, ...array_map(static fn (Assignment $stretch): array => $stretch->getAttributes(), $made));
                $this->record($actor, $project, $one, $had, $made[0]);
                $person = $one->assignee['person_id'];
                if ($had->isEmpty() && $person !== null && $person !== $actor->id && ! Day::of(max(array_column($one->stretches, 1)))->isBefore($today)) {
                    $assigned[$person][$one->task->id] = true;
                }
            }
            Assignment::query()->whereIntegerInRaw('id', $gone)->delete();
            foreach (array_chunk($rows, self::AT_ONCE) as $part) {
                Assignment::query()->insert($part);
            }
            $this->totals->handle($this->auditTrail->write());
            $this->notices->of($assigned);
        });
    }

    /** @param  Collection<int, Assignment>  $had */
    private function record(Person $actor, Project $project, PlannedStretches $one, Collection $had, Assignment $first): void
    {
        $planned = ['planned_minutes' => $one->minutes(), 'stretches' => count($one->stretches)];
        $before = ['planned_minutes' => $had->sum(static fn (Assignment $stretch): int => $stretch->planned_minutes->toInt()), 'stretches' => $had->count()];
        $this->auditTrail->assignment($actor, $project, $one->task, $first, $had->isEmpty() ? 'add' : 'change daily hours', $had->isEmpty() ? null : $before, $had->isEmpty() ? $planned + PlanAuditTrail::told($first) : $planned);
    }
}
