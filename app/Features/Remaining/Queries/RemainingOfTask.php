<?php

declare(strict_types=1);

namespace App\Features\Remaining\Queries;

use App\Effort\EffortReader;
use App\Features\Remaining\Props\EstimateProps;
use App\Features\Remaining\Props\RemainingProps;
use App\Features\Remaining\Props\TaskRemainingProps;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\ProposedEstimate;
use App\Models\RemainingEstimate;
use App\Models\Task;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\EstimateMode;
use Moss\Core\Effort\TaskEffort;

/** The remaining hours of a task, and its estimates. */
final readonly class RemainingOfTask
{
    public function __construct(private EffortReader $efforts, private Today $today)
    {
    }

    public function of(Person $reader, Person $owner, Task $task): RemainingProps
    {
        $owner->loadMissing('team');
        $organisation = Organisation::query()->sole();
        $effort = $this->efforts->task($task->id);
        $asked = self::asked($task);
        $estimates = self::estimates($task);
        $today = $this->today->for($owner)->toString();
        $waiting = array_values(array_filter($asked, static fn (Record $one): bool => $one->string('state') === 'waiting' && $one->int('person_id') === $owner->id));

        return new RemainingProps(
            self::remaining($owner, $task, $effort, $waiting[0] ?? null),
            $task->done_on?->toString(),
            $organisation->estimate_tolerance->toInt(),
            ($task->project->estimate_mode ?? $organisation->estimate_mode) === EstimateMode::AfterApproval && ! Gate::forUser($reader)->allows('plan', $task->project),
            $task->project->manager->name,
            $waiting !== [] || array_filter($estimates, static fn (Record $one): bool => $one->int('person_id') === $owner->id && $one->string('estimated_on') === $today) !== [],
            self::history($estimates, $asked, $effort),
        );
    }

    private static function remaining(Person $owner, Task $task, ?TaskEffort $effort, ?Record $asked): ?TaskRemainingProps
    {
        $assigneeEffort = $effort?->effortOf($owner->code, $owner->team?->code);

        return $assigneeEffort === null ? null : new TaskRemainingProps(
            $task->id,
            $assigneeEffort->planned()->toInt(),
            $assigneeEffort->entered()->toInt(),
            $task->done_on === null ? $assigneeEffort->remaining()->toInt() : 0,
            $assigneeEffort->latestEstimate() !== null,
            $assigneeEffort->assignee->isTeam,
            $task->done_on !== null || $assigneeEffort->isDone(),
            $asked?->int('remaining_minutes'),
        );
    }

    /** @return list<EstimateProps> the estimates of a task, the latest first */
    public function historyOf(Task $task): array
    {
        return self::history(self::estimates($task), self::asked($task), $this->efforts->task($task->id));
    }

    /**
     * @param  list<Record>  $estimates
     * @param  list<Record>  $asked
     * @return list<EstimateProps>
     */
    private static function history(array $estimates, array $asked, ?TaskEffort $effort): array
    {
        $history = [];
        foreach ($estimates as $estimate) {
            $forecast = $effort?->asOf(Day::of($estimate->string('estimated_on')))->forecast()->toInt();
            $history[] = [$estimate->string('estimated_on').' 1 '.$estimate->int('id'), self::estimateProps($estimate, 'in force', $forecast, '', '')];
        }
        foreach ($asked as $one) {
            if ($one->string('state') !== 'accepted') {
                $history[] = [
                    $one->string('estimated_on').' 2 '.$one->int('id'),
                    self::estimateProps($one, $one->string('state'), null, (string) $one->stringOrNull('decider'), $one->string('comment')),
                ];
            }
        }
        usort($history, static fn (array $one, array $other): int => strcmp($other[0], $one[0]));

        return array_column($history, 1);
    }

    private static function estimateProps(Record $estimate, string $state, ?int $forecast, string $decidedBy, string $how): EstimateProps
    {
        $by = $estimate->stringOrNull('entered_by');

        return new EstimateProps(
            $estimate->string('estimated_on'),
            $estimate->string('name'),
            $by === null || $by === $estimate->string('name') ? '' : $by,
            $estimate->int('remaining_minutes'),
            $estimate->bool('done'),
            $estimate->string('reason'),
            $state,
            $forecast,
            $decidedBy,
            $how,
        );
    }

    /** @return list<Record> */
    private static function estimates(Task $task): array
    {
        return Record::all(RemainingEstimate::query()->toBase()->join('people', 'people.id', 'remaining_estimates.person_id')
            ->leftJoin('people AS enterers', 'enterers.id', 'remaining_estimates.entered_by_id')
            ->where('remaining_estimates.task_id', $task->id)
            ->select('remaining_estimates.*', 'people.name', 'enterers.name AS entered_by')->orderBy('remaining_estimates.id'));
    }

    /** @return list<Record> */
    private static function asked(Task $task): array
    {
        return Record::all(ProposedEstimate::query()->toBase()->join('people', 'people.id', 'proposed_estimates.person_id')
            ->leftJoin('people AS enterers', 'enterers.id', 'proposed_estimates.entered_by_id')
            ->leftJoin('people AS deciders', 'deciders.id', 'proposed_estimates.decided_by_id')
            ->where('proposed_estimates.task_id', $task->id)
            ->select('proposed_estimates.*', 'people.name', 'enterers.name AS entered_by', 'deciders.name AS decider')->orderBy('proposed_estimates.id'));
    }
}
