<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Effort\EarlierPlan;
use App\Features\Projects\Props\EarnedValueProps;
use App\Features\Projects\Props\FiguresProps;
use App\Features\Projects\Props\ProjectProps;
use App\Features\Projects\Props\ProjectRowProps;
use App\Features\Projects\Props\RowLevel;
use App\Models\ClientContact;
use App\Models\Person;
use App\Models\ProjectState;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Effort\AssigneeFigures;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\TaskEffort;

/** What a project's page shows first, in a fixed number of queries. */
final readonly class ProjectStatus
{
    public function __construct(private Trace $trace, private ProjectAttention $attention, private WaitingEstimates $waiting)
    {
    }

    public function of(ProjectOnDay $onDay, ProjectNames $names, Person $reader, ?TraceRequest $asked): ProjectProps
    {
        $project = $onDay->project;
        $showsMoney = self::showsMoney($reader, $onDay);
        $gate = Gate::forUser($reader);
        $baseline = EarlierPlan::baseline($project);

        return new ProjectProps(
            $project->code,
            $project->name,
            $project->client?->name,
            self::contact($project->contact),
            $project->manager->name,
            $project->starts_on?->toString(),
            $project->ends_on?->toString(),
            $project->state === ProjectState::Open,
            $onDay->working->organisation()->currency,
            FiguresProps::of($onDay->whole, $showsMoney),
            $baseline->day,
            $baseline->day === null ? null : $baseline->total(),
            $showsMoney || ! $onDay->pricing->hasRates() ? EarnedValueProps::of($onDay->whole->earnedValue, ! $onDay->pricing->hasRates()) : null,
            $this->attention->of($onDay, $names, $showsMoney),
            $this->waiting->of($onDay, $names, $showsMoney),
            self::rows($onDay, $names, $baseline, $showsMoney),
            $asked === null ? null : $this->trace->of($asked, $onDay, $names, $showsMoney),
            $gate->allows('plan', $project),
            $gate->allows('decideRemaining', $project),
        );
    }

    public static function showsMoney(Person $reader, ProjectOnDay $onDay): bool
    {
        return $onDay->pricing->hasRates() && Gate::forUser($reader)->allows('viewMoney', $onDay->project);
    }

    /** @return list<ProjectRowProps> */
    private static function rows(ProjectOnDay $onDay, ProjectNames $names, EarlierPlan $baseline, bool $showsMoney): array
    {
        $rows = [];
        foreach (self::byPhase($onDay->efforts) as $phase => $efforts) {
            $figures = array_reduce(array_keys($efforts), static fn (Figures $sum, int $id): Figures => $sum->plus($onDay->figures[$id]), Figures::zero());
            $then = $baseline->day === null ? null : array_sum(array_map($baseline->ofTask(...), array_keys($efforts)));
            $rows[] = new ProjectRowProps(RowLevel::Phase, (string) $phase, null, null, null, null, $then, false, 0, FiguresProps::of($figures, $showsMoney));
            foreach ($efforts as $id => $effort) {
                $rows[] = self::taskRow($id, $names->task($id), $effort, $onDay->figures[$id], $baseline, $showsMoney);
                foreach ($onDay->parts[$id] as $part) {
                    $rows[] = self::assigneeRow($id, $names, $effort, $part, $baseline, $showsMoney);
                }
            }
        }

        return $rows;
    }

    /**
     * @param  array<int, TaskEffort>  $efforts
     * @return array<string, array<int, TaskEffort>> by phase name, empty for none; phases and tasks in the order in which they start
     */
    private static function byPhase(array $efforts): array
    {
        $starts = array_map(static fn (TaskEffort $effort): string => $effort->task->days?->first()->toString() ?? '9999', $efforts);
        $byPhase = [];
        asort($starts);
        foreach (array_keys($starts) as $id) {
            $byPhase[$efforts[$id]->task->phase ?? ''][$id] = $efforts[$id];
        }
        // What belongs to no phase comes last.
        uksort($byPhase, static fn (string $one, string $other): int => ($one === '') <=> ($other === ''));

        return $byPhase;
    }

    private static function taskRow(int $id, string $name, TaskEffort $effort, Figures $figures, EarlierPlan $baseline, bool $showsMoney): ProjectRowProps
    {
        return new ProjectRowProps(
            RowLevel::Task,
            $name,
            $effort->task->code,
            $id,
            null,
            null,
            $baseline->day === null ? null : $baseline->ofTask($id),
            $effort->isDone(),
            $effort->task->overAssigned()->toInt(),
            FiguresProps::of($figures, $showsMoney),
        );
    }

    private static function assigneeRow(int $id, ProjectNames $names, TaskEffort $effort, AssigneeFigures $part, EarlierPlan $baseline, bool $showsMoney): ProjectRowProps
    {
        $assignee = $part->assignee;
        $assigneeEffort = $assignee === null ? null : array_values(array_filter($effort->assigneeEfforts, static fn ($one): bool => $one->assignee->key() === $assignee->key()))[0] ?? null;

        return new ProjectRowProps(
            RowLevel::Assignee,
            $names->assignee($assignee),
            $effort->task->code,
            $id,
            ProjectNames::inAddress($assignee),
            $assignee === null ? null : $names->speaker($assignee),
            $baseline->day === null || $assignee === null ? null : $baseline->ofAssignee($id, ...$names->assigneeIds($assignee)),
            ! $effort->isDone() && $assigneeEffort !== null && $assigneeEffort->isDone(),
            0,
            FiguresProps::of($part->figures, $showsMoney),
        );
    }

    private static function contact(?ClientContact $contact): string
    {
        return $contact === null ? '' : implode(', ', array_filter([$contact->name, $contact->email, $contact->phone], static fn (string $part): bool => $part !== ''));
    }
}
