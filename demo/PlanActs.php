<?php

declare(strict_types=1);

namespace Demo;

use App\Features\Plan\Actions\ChangePlan;
use App\Features\Plan\Actions\PlanChange;
use App\Features\Remaining\Actions\EstimateInput;
use App\Features\Remaining\Actions\UpdateEstimate;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\Minutes;

/** Plans that became others, and a remaining estimate that waits for its project manager. */
final readonly class PlanActs
{
    /** Hours by which tasks grew since the plan was made: project, task, hours. */
    private const GROWN = [['WEIR', 'BANK', 36], ['WEIR', 'PLANT', 24], ['SPIRE', 'REPORT', 12]];

    public function __construct(private ChangePlan $plan, private UpdateEstimate $updateEstimate)
    {
    }

    public function handle(Day $today): void
    {
        foreach (self::GROWN as [$project, $task, $hours]) {
            $this->grow($project, $task, $hours);
        }
        $this->askOnTheLock($today);
    }

    private function grow(string $code, string $task, int $hours): void
    {
        $project = Project::query()->where('code', $code)->sole();
        $first = Assignment::query()->whereHas('task', static fn ($query) => $query->where('project_id', $project->id)->where('code', $task))->orderBy('id')->first();
        if ($first !== null) {
            $planned = HoursFormat::exact($first->planned_minutes->plus(Minutes::ofHours($hours)));
            $this->plan->handle(Person::query()->findOrFail($project->manager_id), $project, [new PlanChange(null, [$first->id], ['planned' => $planned])]);
        }
    }

    /** On this project estimates need approval; one is waiting. */
    private function askOnTheLock(Day $today): void
    {
        $project = Project::query()->where('code', 'LOCK')->sole();
        $project->update(['estimate_mode' => 'approve']);
        $assignment = Assignment::query()->whereNotNull('person_id')->where('starts_on', '<=', $today->toString())->where('ends_on', '>=', $today->toString())
            ->whereIn('task_id', Task::query()->select('id')->where('project_id', $project->id)->where('code', '<>', 'LEAD')->whereNull('done_on'))->orderBy('id')->first();
        if ($assignment !== null) {
            $owner = Person::query()->findOrFail($assignment->person_id);
            $left = HoursFormat::exact($assignment->planned_minutes);
            $this->updateEstimate->handle($owner, $owner, Task::query()->findOrFail($assignment->task_id), new EstimateInput($left, false, false, 'The upper gate has twisted; the heel post has to be scarfed.'));
        }
    }
}
