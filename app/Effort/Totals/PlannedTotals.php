<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Effort\EffortScope;
use App\Effort\PlannedPart;
use App\Effort\PlanReader;
use App\Effort\Plans;
use App\Models\PlannedWeek;
use App\Support\Database\BulkRows;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Planning\Spread;

/**
 * What is planned by task, person or team, role and week part: the plan spread over working days. Stored in `planned_weeks`,
 * where person and team 0 stand for hours that nobody is assigned to, and role 0 for the person's usual one.
 */
final class PlannedTotals
{
    public const KEY = ['task_id', 'person_id', 'team_id', 'role_id', 'starts_on'];

    /** The sum of the part, and what of it lies on each weekday. */
    public const COLUMNS = ['planned_minutes', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    /** @var array<string, array{string, int}> first days of parts, and weekdays, by day */
    private array $days = [];

    /** @var array{Capacity, DayRange, array<string, positive-int>}|null of which capacity what days hold was asked for last, and what they hold */
    private ?array $held = null;

    public function __construct(private readonly PlanReader $plans, private readonly MonthTotals $months, private readonly TaskMonthTotals $taskMonths)
    {
    }

    /** @param  list<int>  $tasks */
    public function refresh(array $tasks): void
    {
        $weeks = $this->of($tasks);
        if (BulkRows::replace('planned_weeks', self::KEY, self::COLUMNS, PlannedWeek::query()->toBase()->whereIntegerInRaw('task_id', $tasks), $weeks) !== []) {
            $this->months->refreshPlannedOf($tasks, $weeks);
        }
        // Also where no week has changed: a recalculation of everything rests on it.
        $this->taskMonths->refreshPlanned($tasks, $weeks);
    }

    /**
     * What the totals of tasks should be, in four queries.
     *
     * @param  list<int>  $tasks
     * @return array<string, non-empty-list<int|string>> the values of key and columns, by the key
     */
    public function of(array $tasks): array
    {
        $this->plans->forget();
        $plans = $this->plans->of(EffortScope::tasks($tasks));
        $minutes = [];
        foreach ($plans->tasks as $id => $task) {
            foreach ($plans->parts[$id] ?? [] as $part) {
                $this->add($minutes, $id.' '.$part->person.' '.$part->team.' '.$part->role, $this->spread($part, $plans));
            }
            // Without any dates there are no days on which hours could lie.
            if (! $task->unassigned()->isZero() && $task->days !== null) {
                $this->add($minutes, $id.' 0 0 0', Spread::over($task->unassigned(), $task->days, $plans->capacities()->for(null)));
            }
        }
        $sums = [];
        foreach ($minutes as $who => $parts) {
            $numbers = array_map(intval(...), explode(' ', $who));
            foreach ($parts as $part => $weekdays) {
                $sums[$who.' '.$part] = [...$numbers, (string) $part, array_sum($weekdays), ...array_values($weekdays)];
            }
        }

        return $sums;
    }

    /** What the days of one assignee hold is that of the next in most cases. */
    private function spread(PlannedPart $part, Plans $plans): Spread
    {
        [$days, $capacity] = [$part->assignment->days, $plans->capacities()->for($part->assignment->assignee)];
        if ($this->held === null || $this->held[0] !== $capacity || ! $this->held[1]->equals($days)) {
            $this->held = [$capacity, $days, $capacity->over($days)];
        }

        return Spread::overHeld($part->assignment->planned, $days, $this->held[2]);
    }

    /**
     * @param  array<string, array<string, array<int, int>>>  $minutes  by weekday, Monday under 1, by task, person, team and role, then by part
     */
    private function add(array &$minutes, string $who, Spread $spread): void
    {
        foreach ($spread->byDay() as $date => $planned) {
            [$part, $weekday] = $this->days[$date] ??= self::dated($date);
            $minutes[$who][$part] ??= array_fill(1, 7, 0);
            $minutes[$who][$part][$weekday] += $planned->toInt();
        }
    }

    /** @return array{string, int} */
    private static function dated(string $date): array
    {
        $day = Day::of($date);

        return [WeekPart::containing($day)->toString(), $day->weekday()];
    }
}
