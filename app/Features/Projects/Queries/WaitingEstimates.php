<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Projects\Props\WaitingEstimateProps;
use App\Models\ProposedEstimate;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\RemainingEstimate;
use Moss\Core\Time\Minutes;

/** The remaining estimates of a project's tasks that wait for its manager, each with its effect; in one query. */
final class WaitingEstimates
{
    /** @return list<WaitingEstimateProps> the oldest first */
    public function of(ProjectOnDay $onDay, ProjectNames $names, bool $showsMoney): array
    {
        $query = ProposedEstimate::query()->waiting()->toBase()->join('tasks', 'tasks.id', 'proposed_estimates.task_id')->join('people', 'people.id', 'proposed_estimates.person_id')
            ->leftJoin('teams', 'teams.id', 'people.team_id')->join('people AS enterers', 'enterers.id', 'proposed_estimates.entered_by_id')
            ->where('tasks.project_id', $onDay->project->id)
            ->select('proposed_estimates.*', 'people.code', 'people.name', 'teams.code AS team', 'enterers.name AS entered_by')->orderBy('proposed_estimates.id');

        return array_map(static fn (Record $asked): WaitingEstimateProps => self::props($asked, $onDay, $names, $showsMoney), Record::all($query));
    }

    private static function props(Record $asked, ProjectOnDay $onDay, ProjectNames $names, bool $showsMoney): WaitingEstimateProps
    {
        $task = $asked->int('task_id');
        [$person, $team] = [$asked->string('code'), $asked->stringOrNull('team')];
        $effort = $onDay->efforts[$task];
        $with = $effort->with(new RemainingEstimate($person, $team, Day::of($asked->string('estimated_on')), Minutes::of($asked->int('remaining_minutes')), $asked->bool('done')));
        $after = $onDay->forecasting->ofTask($with);
        $now = $onDay->figures[$task];
        $forecast = $onDay->whole->forecast();
        $cost = $onDay->whole->forecastCost->known;

        return new WaitingEstimateProps(
            $asked->int('id'),
            $names->task($task),
            $asked->string('name'),
            $asked->string('entered_by') === $asked->string('name') ? '' : $asked->string('entered_by'),
            $asked->string('estimated_on'),
            $asked->bool('done'),
            $asked->string('reason'),
            $effort->effortOf($person, $team)?->remaining()->toInt() ?? 0,
            $with->effortOf($person, $team)?->remaining()->toInt() ?? 0,
            $forecast->toInt(),
            $forecast->minus($now->forecast())->plus($after->forecast())->toInt(),
            $onDay->whole->planned->toInt(),
            $showsMoney ? $cost->toString() : null,
            $showsMoney ? $cost->minus($now->forecastCost->known)->plus($after->forecastCost->known)->toString() : null,
        );
    }
}
