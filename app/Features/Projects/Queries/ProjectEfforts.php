<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Figures\Queries\EstimatesInForce;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Money\Pricing;
use Moss\Core\Sheet\Entry;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/**
 * Tasks of projects with everything recorded on them, in three queries beside those of the plan.
 *
 * Months come summed up as they are stored. Only where a figure tells days apart are entries read one by one: in the month of
 * the day one looks, and in months in which somebody updated an estimate.
 */
final class ProjectEfforts
{
    /** @var array<string, Day> days by text, since many entries share them */
    private array $days = [];

    public function __construct(private readonly ProjectPlans $plans)
    {
    }

    /**
     * @param  list<int>  $projects  ids
     * @return array<int, TaskEffort> by task id, in the order of project, phase and task
     */
    public function ofProjects(array $projects, Pricing $pricing, Day $today): array
    {
        $efforts = [];
        $recorded = $this->months($projects, $pricing, $today);
        foreach ($this->entries($projects, $pricing, $today) as $task => $entries) {
            $recorded[$task] = [...$recorded[$task] ?? [], ...$entries];
        }
        $estimates = EstimatesInForce::ofProjects($projects);
        foreach ($this->plans->ofProjects($projects) as $id => $task) {
            $efforts[$id] = TaskEffort::of($task, $recorded[$id] ?? [], $estimates[$id] ?? []);
        }

        return $efforts;
    }

    /**
     * @param  list<int>  $projects
     * @return array<int, list<RecordedEffort>> by task id
     */
    private function months(array $projects, Pricing $pricing, Day $today): array
    {
        $query = DB::table('tasks')
            ->join('recorded_months', 'recorded_months.task_id', 'tasks.id')
            ->join('people', 'people.id', 'recorded_months.person_id')
            ->leftJoin('teams', 'teams.id', 'people.team_id')
            ->whereIntegerInRaw('tasks.project_id', $projects)
            ->where('recorded_months.month', '<>', $today->month())
            ->whereNotExists(DB::table('remaining_estimates')->selectRaw('1')->whereColumn('remaining_estimates.task_id', 'tasks.id')
                ->whereRaw('substr(remaining_estimates.estimated_on, 1, 7) = recorded_months.month'))
            ->select('recorded_months.*', 'people.code AS person', 'teams.code AS team');
        $byTask = [];
        foreach (Record::each($query) as $record) {
            foreach (['actual', 'pending'] as $kind) {
                $minutes = Minutes::of($record->int($kind.'_minutes'));
                $cents = Money::ofCents($record->int($kind.'_cents'));
                $unrated = Minutes::of($record->int($kind.'_unrated'));
                if (! $minutes->isZero() || $cents->cents() !== 0 || ! $unrated->isZero()) {
                    $byTask[$record->int('task_id')][] = new RecordedEffort(
                        $record->string('person'),
                        $record->stringOrNull('team'),
                        $this->day($record->string('month').'-01'),
                        $minutes,
                        $kind === 'actual',
                        $pricing->hasRates() ? Cost::known($cents)->plus(Cost::unknown($unrated)) : Cost::unknown($minutes),
                        $cents,
                    );
                }
            }
        }

        return $byTask;
    }

    /**
     * @param  list<int>  $projects
     * @return array<int, list<RecordedEffort>> by task id
     */
    private function entries(array $projects, Pricing $pricing, Day $today): array
    {
        $ofToday = DB::table('tasks')->whereIntegerInRaw('project_id', $projects)->select('id AS task_id')->selectRaw('? AS month', [$today->month()]);
        $estimated = DB::table('remaining_estimates')->join('tasks', 'tasks.id', 'remaining_estimates.task_id')
            ->whereIntegerInRaw('tasks.project_id', $projects)->select('remaining_estimates.task_id')->selectRaw('substr(remaining_estimates.estimated_on, 1, 7)');
        $query = DB::query()->fromSub($ofToday->union($estimated), 'months')
            ->crossJoin('entries')
            ->join('people', 'people.id', 'entries.person_id')
            ->leftJoin('teams', 'teams.id', 'people.team_id')
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->whereColumn('entries.task_id', 'months.task_id')
            ->whereRaw("entries.date BETWEEN months.month || '-01' AND months.month || '-31'")
            ->select('entries.task_id', 'people.code AS person', 'teams.code AS team', 'roles.code AS role', 'entries.date', 'entries.minutes', 'entries.state');
        $byTask = [];
        foreach (Record::each($query) as $record) {
            $byTask[$record->int('task_id')][] = RecordedEffort::priced(new Entry(
                $record->string('person'),
                $record->stringOrNull('team'),
                $record->stringOrNull('role'),
                $this->day($record->string('date')),
                Minutes::of($record->int('minutes')),
                EntryState::from($record->string('state')),
            ), $pricing);
        }

        return $byTask;
    }

    private function day(string $text): Day
    {
        return $this->days[$text] ??= Day::of($text);
    }
}
