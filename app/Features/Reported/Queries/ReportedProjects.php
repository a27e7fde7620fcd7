<?php

declare(strict_types=1);

namespace App\Features\Reported\Queries;

use App\Features\Reported\Props\ClosingProps;
use App\Features\Reported\Props\ReportedEffortProps;
use App\Features\Reported\Props\ReportedProjectProps;
use App\Features\Reported\Props\ReportedProps;
use App\Models\Closing;
use App\Models\Person;
use App\Models\Project;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Effort\ReportedEffort;
use Moss\Core\Time\Minutes;

/** The projects that somebody may see, as they were when a period was closed, beside what they are now. */
final class ReportedProjects
{
    private const AT_ONCE = 50;

    /** Closings to choose from. */
    private const MOST_CLOSINGS = 36;

    /** @param  int|null  $closing  the latest where it is none */
    public function of(Person $reader, ?int $closing, int $page): ReportedProps
    {
        $closings = array_values(Closing::query()->with('closedBy:id,name')->orderByDesc('id')->limit(self::MOST_CLOSINGS)->get()->all());
        $ids = array_map(static fn (Closing $one): int => $one->id, $closings);
        $chosen = in_array($closing, $ids, true) ? $closing : $ids[0] ?? null;
        $projects = $chosen === null ? [] : self::projects($reader, $chosen);
        usort($projects, static fn (ReportedProjectProps $one, ReportedProjectProps $other): int => [abs($other->change), $one->code] <=> [abs($one->change), $other->code]);
        $pages = max(1, (int) ceil(count($projects) / self::AT_ONCE));
        $page = min($page, $pages);

        return new ReportedProps(
            array_map(static fn (Closing $one): ClosingProps => new ClosingProps($one->id, $one->closed_until->toString(), $one->closed_at, $one->closedBy->name), $closings),
            $chosen,
            array_slice($projects, ($page - 1) * self::AT_ONCE, self::AT_ONCE),
            self::sum(array_map(static fn (ReportedProjectProps $project): ?ReportedEffortProps => $project->then, $projects)),
            self::sum(array_map(static fn (ReportedProjectProps $project): ReportedEffortProps => $project->now, $projects)),
            count($projects),
            count(array_filter($projects, static fn (ReportedProjectProps $project): bool => $project->change > 0)),
            count(array_filter($projects, static fn (ReportedProjectProps $project): bool => $project->change < 0)),
            $page,
            $pages,
        );
    }

    /** @return list<ReportedProjectProps> those that came to something then, or do now */
    private static function projects(Person $reader, int $closing): array
    {
        $query = Project::query()->toBase()
            ->leftJoin('reported_figures', static fn (JoinClause $join): JoinClause => $join->on('reported_figures.project_id', 'projects.id')->where('reported_figures.closing_id', $closing))
            ->leftJoin('project_figures', 'project_figures.project_id', 'projects.id')
            ->when(! $reader->isOffice() && ! $reader->isViewer(), static fn (Builder $own): Builder => $own->where('projects.manager_id', $reader->id))
            ->select('projects.code', 'projects.name', 'reported_figures.closing_id');
        foreach (['planned', 'actual', 'pending', 'remaining'] as $figure) {
            $query->addSelect('reported_figures.'.$figure.'_minutes AS then_'.$figure, 'project_figures.'.$figure.'_minutes AS now_'.$figure);
        }
        $projects = [];
        foreach (Record::each($query) as $row) {
            $then = $row->intOrNull('closing_id') === null ? null : self::effort($row, 'then_');
            $now = self::effort($row, 'now_');
            if (! $now->forecast()->plus($now->planned)->isZero() || ($then !== null && ! $then->forecast()->plus($then->planned)->isZero())) {
                $projects[] = new ReportedProjectProps(
                    $row->string('code'), $row->string('name'), $then === null ? null : ReportedEffortProps::of($then), ReportedEffortProps::of($now),
                    $now->forecastChangeSince($then ?? ReportedEffort::nothing())->toInt(),
                );
            }
        }

        return $projects;
    }

    private static function effort(Record $row, string $when): ReportedEffort
    {
        $minutes = static fn (string $figure): Minutes => Minutes::of($row->intOrNull($when.$figure) ?? 0);

        return new ReportedEffort($minutes('planned'), $minutes('actual'), $minutes('pending'), $minutes('remaining'));
    }

    /** @param  list<ReportedEffortProps|null>  $efforts */
    private static function sum(array $efforts): ReportedEffortProps
    {
        $sum = static fn (string $figure): int => array_sum(array_map(static fn (?ReportedEffortProps $one): int => match (true) {
            $one === null => 0,
            $figure === 'planned' => $one->planned,
            $figure === 'actual' => $one->actual,
            $figure === 'pending' => $one->pending,
            $figure === 'remaining' => $one->remaining,
            default => $one->forecast,
        }, $efforts));

        return new ReportedEffortProps($sum('planned'), $sum('actual'), $sum('pending'), $sum('remaining'), $sum('forecast'));
    }
}
