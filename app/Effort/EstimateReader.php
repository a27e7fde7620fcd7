<?php

declare(strict_types=1);

namespace App\Effort;

use App\Models\ProposedEstimate;
use App\Models\RemainingEstimate as RemainingEstimateModel;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\RemainingEstimate;
use Moss\Core\Time\Minutes;

/** Remaining estimates of tasks; each method in one query. */
final readonly class EstimateReader
{
    /** @return array<int, non-empty-list<RemainingEstimate>> those in force, in the order in which they were made, by task id */
    public static function of(EffortScope $scope): array
    {
        $query = $scope->narrowPeople($scope->narrow(RemainingEstimateModel::query()->toBase(), 'remaining_estimates.task_id'), 'remaining_estimates.person_id')
            ->join('people', 'people.id', 'remaining_estimates.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->select('remaining_estimates.task_id', 'people.code AS person', 'teams.code AS team', 'remaining_estimates.estimated_on', 'remaining_estimates.remaining_minutes', 'remaining_estimates.done')
            ->orderBy('remaining_estimates.id');
        $byTask = [];
        foreach (Record::all($query) as $record) {
            $byTask[$record->int('task_id')][] = new RemainingEstimate(
                $record->string('person'),
                $record->stringOrNull('team'),
                Day::of($record->string('estimated_on')),
                Minutes::of($record->int('remaining_minutes')),
                $record->bool('done'),
            );
        }

        return $byTask;
    }

    /** @return array<int, list<Day>> days of estimates that wait to be accepted, by task id */
    public static function daysWaiting(EffortScope $scope): array
    {
        $days = [];
        foreach (Record::all($scope->narrow(ProposedEstimate::query()->waiting()->toBase(), 'task_id')->select('task_id', 'estimated_on')) as $record) {
            $days[$record->int('task_id')][] = Day::of($record->string('estimated_on'));
        }

        return $days;
    }
}
