<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Figures\Queries\PlanThen;
use App\Features\Projects\Props\EarnedValueProps;
use App\Features\Projects\Props\FiguresProps;
use App\Features\Projects\Props\ProjectProps;
use App\Features\Projects\Props\ProjectRowProps;
use App\Features\Projects\Props\RowLevel;
use App\Models\Person;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\HolderFigures;
use Moss\Core\Effort\TaskEffort;

/** What a project's page shows first, in a fixed number of queries. */
final readonly class ProjectStatus
{
    public function __construct(private Trace $trace, private ProjectAttention $attention, private WaitingWords $waiting)
    {
    }

    public function of(Standing $standing, ProjectNames $names, Person $reader, ?TraceRequest $asked): ProjectProps
    {
        $project = $standing->project;
        $showsMoney = self::showsMoney($reader, $standing);
        $gate = Gate::forUser($reader);
        $baseline = PlanThen::baseline($project);

        return new ProjectProps(
            $project->code,
            $project->name,
            $project->client?->name,
            $project->manager->name,
            $project->starts_on,
            $project->ends_on,
            $project->state === 'open',
            $standing->working->organisation()->currency,
            FiguresProps::of($standing->whole, $showsMoney),
            $baseline->day,
            $baseline->day === null ? null : $baseline->total(),
            $showsMoney || ! $standing->pricing->hasRates() ? EarnedValueProps::of($standing->whole->earnedValue, ! $standing->pricing->hasRates()) : null,
            $this->attention->of($standing, $names, $showsMoney),
            $this->waiting->of($standing, $names, $showsMoney),
            self::rows($standing, $names, $baseline, $showsMoney),
            $asked === null ? null : $this->trace->of($asked, $standing, $names, $showsMoney),
            $gate->allows('plan', $project),
            $gate->allows('decideRemaining', $project),
        );
    }

    public static function showsMoney(Person $reader, Standing $standing): bool
    {
        return $standing->pricing->hasRates() && Gate::forUser($reader)->allows('viewMoney', $standing->project);
    }

    /** @return list<ProjectRowProps> */
    private static function rows(Standing $standing, ProjectNames $names, PlanThen $baseline, bool $showsMoney): array
    {
        $rows = [];
        foreach (self::byPhase($standing->efforts) as $phase => $efforts) {
            $figures = array_reduce(array_keys($efforts), static fn (Figures $sum, int $id): Figures => $sum->plus($standing->figures[$id]), Figures::zero());
            $then = $baseline->day === null ? null : array_sum(array_map($baseline->ofTask(...), array_keys($efforts)));
            $rows[] = new ProjectRowProps(RowLevel::Phase, (string) $phase, null, null, null, null, $then, false, 0, FiguresProps::of($figures, $showsMoney));
            foreach ($efforts as $id => $effort) {
                $rows[] = self::taskRow($id, $names->task($id), $effort, $standing->figures[$id], $baseline, $showsMoney);
                foreach ($standing->parts[$id] as $part) {
                    $rows[] = self::holderRow($id, $names, $effort, $part, $baseline, $showsMoney);
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

    private static function taskRow(int $id, string $name, TaskEffort $effort, Figures $figures, PlanThen $baseline, bool $showsMoney): ProjectRowProps
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

    private static function holderRow(int $id, ProjectNames $names, TaskEffort $effort, HolderFigures $part, PlanThen $baseline, bool $showsMoney): ProjectRowProps
    {
        $holder = $part->holder;
        $holding = $holder === null ? null : array_values(array_filter($effort->holdings, static fn ($one): bool => $one->holder->key() === $holder->key()))[0] ?? null;

        return new ProjectRowProps(
            RowLevel::Holder,
            $names->holder($holder),
            $effort->task->code,
            $id,
            ProjectNames::inAddress($holder),
            $holder === null ? null : $names->speaker($holder),
            $baseline->day === null || $holder === null ? null : $baseline->ofHolder($id, ...$names->holderIds($holder)),
            ! $effort->isDone() && $holding !== null && $holding->isDone(),
            0,
            FiguresProps::of($part->figures, $showsMoney),
        );
    }
}
