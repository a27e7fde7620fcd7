<?php

declare(strict_types=1);

namespace App\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Effort\RemainingEstimate;
use Moss\Core\Effort\SpentMoney;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Money\Pricing;

/**
 * Tasks with their plans and everything recorded on them, as the core takes them: the one way to remaining hours, forecasts and
 * every other figure of a task, for a person's week, a task, a project or all of them. In at most seven queries for any scope, beside
 * those of the working time.
 *
 * What was recorded comes summed up by week part, as it is stored. Entries are read one by one only where a figure tells days
 * of a part apart: where an estimate was made, and, of figures on a day, where that day lies. What falls on a few people is
 * read from their entries.
 */
final readonly class EffortReader
{
    public function __construct(private PlanReader $plans = new PlanReader, private RecordedReader $recorded = new RecordedReader)
    {
    }

    /**
     * One task, in minutes.
     *
     * @param  Day|null  $on  for which somebody makes an estimate, so that what is entered after it can be told apart
     */
    public function task(int $task, ?Day $on = null): ?TaskEffort
    {
        $scope = EffortScope::tasks([$task]);
        $estimates = EstimateReader::of($scope);
        $days = $on === null ? [] : [$task => [$on]];

        return $this->together($this->plans->of($scope), $estimates, $this->recorded->minutes($scope, self::days($estimates, $days)))->of($task);
    }

    /** In minutes alone, which need neither rates nor a day; weeks can be told apart. */
    public function minutes(EffortScope $scope): Efforts
    {
        $estimates = EstimateReader::of($scope);

        return $this->together($this->plans->of($scope), $estimates, $this->recorded->minutes($scope, self::days($estimates)));
    }

    /** For figures on a day, with what everything costs. */
    public function priced(EffortScope $scope, Pricing $pricing, Day $today): Efforts
    {
        $estimates = EstimateReader::of($scope);

        return $this->together($this->plans->of($scope), $estimates, $this->recorded->priced($scope, self::days($estimates, EstimateReader::daysWaiting($scope)), $pricing, $today), SpentReader::of($scope));
    }

    /**
     * @param  array<int, non-empty-list<RemainingEstimate>>  $estimates
     * @param  array<int, list<Day>>  $days
     * @return array<int, list<Day>> days of estimates, and further ones, by task id
     */
    private static function days(array $estimates, array $days = []): array
    {
        foreach ($estimates as $task => $ofTask) {
            $days[$task] = [...$days[$task] ?? [], ...array_map(static fn (RemainingEstimate $estimate): Day => $estimate->on, $ofTask)];
        }

        return $days;
    }

    /**
     * @param  array<int, non-empty-list<RemainingEstimate>>  $estimates
     * @param  array<int, list<RecordedEffort>>  $recorded
     * @param  array<int, SpentMoney>  $spent
     */
    private function together(Plans $plans, array $estimates, array $recorded, array $spent = []): Efforts
    {
        $efforts = [];
        foreach ($plans->tasks as $id => $task) {
            $efforts[$id] = TaskEffort::of($task, $recorded[$id] ?? [], $estimates[$id] ?? [], $spent[$id] ?? null);
        }

        return new Efforts($efforts, $plans);
    }
}
