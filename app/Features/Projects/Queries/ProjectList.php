<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Effort\SpentReader;
use App\Features\Projects\Props\FiguresProps;
use App\Features\Projects\Props\ProjectsProps;
use App\Features\Projects\Props\ProjectSummaryProps;
use App\Lookup\Props\OptionProps;
use App\Models\Person;
use App\Models\Project;
use App\Models\Rate;
use App\Models\Task;
use App\Support\Database\ByIndex;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\TextSearch;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\EarnedValue;
use Moss\Core\Effort\Figures;
use Moss\Core\Money\Cost;
use Moss\Core\Time\Minutes;

/**
 * The projects that a person may see, from the figures that are stored; a page at a time, sums and counts of all. In a fixed
 * number of queries.
 */
final readonly class ProjectList
{
    public const AT_ONCE = 50;

    private const FORECAST = '(project_figures.actual_minutes + project_figures.pending_minutes + project_figures.remaining_minutes)';

    private const WAITING = 'coalesce(waiting_estimates.number, 0)';

    public function __construct(private ForecastTrend $trend)
    {
    }

    public function for(Person $reader, ProjectFilter $filter, Day $today): ProjectsProps
    {
        $hasRates = Rate::query()->exists();
        $query = $this->filtered($reader, $filter, $hasRates);
        $totals = Record::all($this->filtered($reader, $filter, $hasRates)->selectRaw('count(*) AS projects, coalesce(sum('.self::FORECAST.' > project_figures.planned_minutes), 0) AS above')
            ->addSelect(Sql::total('project_figures.planned_minutes', 'planned'), Sql::total('project_figures.actual_minutes', 'actual'))
            ->addSelect(Sql::total('project_figures.pending_minutes', 'pending'), Sql::total('project_figures.remaining_minutes', 'remaining'))
            // Internal projects hold everybody's own time and would dwarf the others on the common scale.
            ->selectRaw('coalesce(max(CASE WHEN projects.internal = 0 THEN max('.self::FORECAST.', project_figures.planned_minutes) END), 1) AS scale'))[0];
        $pages = max(1, (int) ceil($totals->int('projects') / self::AT_ONCE));
        $page = min($filter->page, $pages);
        $projects = Record::all($this->sorted($query, $filter->sort)->forPage($page, self::AT_ONCE)
            ->select('projects.id', 'projects.code', 'projects.name', 'projects.state', 'projects.internal', 'clients.name AS client', 'managers.name AS manager')
            ->addSelect('project_figures.planned_minutes', 'project_figures.actual_minutes', 'project_figures.pending_minutes', 'project_figures.remaining_minutes')
            ->selectRaw(self::budgetIsGone($reader, $hasRates).' AS budget_is_gone, '.self::WAITING.' AS waiting'));
        $forecasts = [];
        foreach ($projects as $project) {
            $forecasts[$project->int('id')] = (int) $project->intOrNull('actual_minutes') + (int) $project->intOrNull('pending_minutes') + (int) $project->intOrNull('remaining_minutes');
        }
        $trends = $this->trend->of($forecasts, $today);

        return new ProjectsProps(
            $filter->search, $filter->state, $filter->manager, $filter->concern, $filter->sort,
            array_map(static fn (Record $project): ProjectSummaryProps => self::summary($project, $trends[$project->int('id')]), $projects),
            $totals->int('projects'),
            $totals->int('above'),
            FiguresProps::of(self::figures($totals->int('planned'), $totals->int('actual'), $totals->int('pending'), $totals->int('remaining')), false),
            $totals->int('scale'),
            $page,
            $pages,
            self::managers($reader),
            Gate::forUser($reader)->allows('create', Project::class),
        );
    }

    private function filtered(Person $reader, ProjectFilter $filter, bool $hasRates): Builder
    {
        $query = Project::query()->toBase()->join('people AS managers', 'managers.id', 'projects.manager_id')
            ->leftJoin('clients', 'clients.id', 'projects.client_id')->leftJoin('project_figures', 'project_figures.project_id', 'projects.id')
            ->leftJoinSub(self::waitingEstimates(), 'waiting_estimates', 'waiting_estimates.project_id', 'projects.id')
            ->when(! $reader->isOffice() && ! $reader->isViewer(), static fn (Builder $own): Builder => $own->where('projects.manager_id', $reader->id))
            ->when($filter->state !== 'all', static fn (Builder $state): Builder => $state->where('projects.state', $filter->state))
            ->when($filter->manager !== '', static fn (Builder $managed): Builder => $managed->where('managers.code', $filter->manager))
            ->when($filter->concern === 'over plan', static fn (Builder $over): Builder => $over->whereRaw(self::FORECAST.' > project_figures.planned_minutes'))
            ->when($filter->concern === 'over budget', static fn (Builder $over): Builder => $over->whereRaw(self::budgetIsGone($reader, $hasRates)))
            ->when($filter->concern === 'estimates waiting', static fn (Builder $waiting): Builder => $waiting->whereRaw(self::WAITING.' > 0'));

        return TextSearch::narrow($query, $filter->search, ['projects.name', 'projects.code', 'clients.name', 'managers.name']);
    }

    private static function waitingEstimates(): Builder
    {
        // The few that wait come first, and their tasks are looked for: joined, all tasks might be read.
        return ByIndex::of('proposed_estimates', 'proposed_estimates_key')->where('state', Sql::value('waiting'))
            ->selectSub(Task::query()->toBase()->whereColumn('tasks.id', 'proposed_estimates.task_id')->select('project_id'), 'project_id')->addSelect(Sql::count('number'))->groupBy('project_id');
    }

    private function sorted(Builder $query, ProjectSort $sort): Builder
    {
        $variance = self::FORECAST.' - project_figures.planned_minutes';

        return (match ($sort) {
            // What costs or takes more than it may comes first, then what has an estimate waiting; non-project time last.
            ProjectSort::Attention => $query->orderBy('projects.state', 'desc')->orderBy('projects.internal')
                ->orderByRaw('budget_is_gone DESC, max('.$variance.', 0) DESC, '.self::WAITING.' DESC, '.$variance.' DESC'),
            ProjectSort::Name => $query->orderBy('projects.name'),
            ProjectSort::Manager => $query->orderBy('managers.name'),
            ProjectSort::Planned => $query->orderBy('project_figures.planned_minutes', 'desc'),
            ProjectSort::Forecast => $query->orderByRaw(self::FORECAST.' DESC'),
            ProjectSort::Variance => $query->orderByRaw($variance.' DESC'),
        })->orderBy('projects.code');
    }

    /**
     * Money is neither shown to nor sorted by for readers who may not see it; without rates nothing is known to be spent. Expenses are
     * added up only where there is a budget.
     */
    private static function budgetIsGone(Person $reader, bool $hasRates): string
    {
        return self::showsMoney($reader, $hasRates)
            ? '(CASE WHEN project_figures.budget_cents > 0 THEN project_figures.actual_cents + ('.SpentReader::actualOfProject()->toRawSql().') > project_figures.budget_cents ELSE 0 END)'
            : '(1 = 0)';
    }

    private static function showsMoney(Person $reader, bool $hasRates): bool
    {
        return $hasRates && $reader->seesCostOfProjectsOf($reader->id);
    }

    /** @param  list<int>  $trend */
    private static function summary(Record $project, array $trend): ProjectSummaryProps
    {
        $figures = self::figures((int) $project->intOrNull('planned_minutes'), (int) $project->intOrNull('actual_minutes'), (int) $project->intOrNull('pending_minutes'), (int) $project->intOrNull('remaining_minutes'));

        return new ProjectSummaryProps(
            $project->string('code'),
            $project->string('name'),
            $project->stringOrNull('client'),
            $project->string('manager'),
            $project->string('state') === 'open',
            $project->bool('internal'),
            FiguresProps::of($figures, false),
            (int) $project->intOrNull('budget_is_gone') === 1,
            $project->int('waiting'),
            $trend,
        );
    }

    private static function figures(int $planned, int $actual, int $pending, int $remaining): Figures
    {
        $cost = Cost::nothing();

        return new Figures(Minutes::of($planned), Minutes::of($actual), Minutes::of($pending), Minutes::of($remaining), $cost, $cost, $cost, $cost, null, EarnedValue::zero());
    }

    /** @return list<OptionProps> whose projects there are, for who sees those of others */
    private static function managers(Person $reader): array
    {
        if (! $reader->isOffice() && ! $reader->isViewer()) {
            return [];
        }

        return array_map(static fn (Record $one): OptionProps => new OptionProps($one->string('code'), $one->string('name')), Record::all(
            Person::query()->toBase()->whereIn('id', Project::query()->toBase()->select('manager_id'))->select('code', 'name')->orderBy('name'),
        ));
    }
}
