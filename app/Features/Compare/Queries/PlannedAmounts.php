<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\EffortScope;
use App\Effort\PlanReader;
use App\Effort\Plans;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\PlannedTime;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;

/**
 * What is planned in a period: sums of whole week parts, and the plans that lie over days that the period or today cuts off,
 * spread by the core.
 */
final class PlannedAmounts
{
    private const TASKS_AT_ONCE = 500;

    /** @var array<string, Day> */
    private array $days = [];

    public function __construct(private readonly PlanReader $plans)
    {
    }

    /** @return iterable<ComparedAmount> */
    public function of(Dimensions $asked, WorkItems $items, ComparedDays $compared): iterable
    {
        foreach ($compared->whole() as $range) {
            foreach ([$range->upTo($compared->today), self::after($range, $compared->today)] as $days) {
                yield from $days === null ? [] : $this->summed($asked, $items, $days, $compared);
            }
        }
        foreach ($compared->cut as $days) {
            yield from $this->spread($items, $days, $compared);
        }
    }

    /** @return iterable<ComparedAmount> */
    private function summed(Dimensions $asked, WorkItems $items, DayRange $days, ComparedDays $compared): iterable
    {
        $columns = [...$asked->columns(), ...$asked->people ? ['team_id'] : []];
        $query = DB::table('planned_weeks')->whereBetween('starts_on', [$days->first()->toString(), $days->last()->toString()])
            ->select($columns)->selectRaw('min(starts_on) AS first, sum(planned_minutes) AS minutes')->groupBy(...($columns === [] ? ['starts_on'] : $columns));
        foreach ($query->cursor() as $row) {
            /** @var object{task_id?: int, person_id?: int, team_id?: int, role_id?: int, starts_on?: string, first: string, minutes: int} $row */
            $day = $row->starts_on ?? $row->first;
            yield PlannedTime::summed(
                $items->of($row->task_id ?? 0, $row->person_id ?? 0, $row->team_id ?? 0, $row->role_id ?? 0),
                $this->days[$day] ??= Day::of($day),
                Minutes::of($row->minutes),
                $compared,
            );
        }
    }

    /** @return iterable<ComparedAmount> */
    private function spread(WorkItems $items, DayRange $days, ComparedDays $compared): iterable
    {
        // All days lie in one part.
        $part = WeekPart::containing($days->first())->toString();
        $tasks = DB::table('planned_weeks')->where('starts_on', $part)->distinct()->orderBy('task_id')->pluck('task_id')->all();
        foreach (array_chunk(array_values(array_filter($tasks, is_int(...))), self::TASKS_AT_ONCE) as $chunk) {
            $plans = $this->plans->of(EffortScope::tasks($chunk));
            foreach (array_keys($plans->tasks) as $id) {
                yield from self::assigned($id, $items, $plans, $days, $compared);
                yield from self::unassigned($id, $items, $plans, $days, $compared);
            }
        }
    }

    /** @return iterable<ComparedAmount> */
    private static function assigned(int $task, WorkItems $items, Plans $plans, DayRange $days, ComparedDays $compared): iterable
    {
        foreach ($plans->parts[$task] ?? [] as $part) {
            if ($part->assignment->days->intersectedWith($days) !== null) {
                $spread = $part->assignment->spread($plans->capacities()->for($part->assignment->assignee));
                yield from PlannedTime::spread($items->of($task, $part->person, $part->team, $part->role), $spread, $days, $compared);
            }
        }
    }

    /** @return iterable<ComparedAmount> */
    private static function unassigned(int $id, WorkItems $items, Plans $plans, DayRange $days, ComparedDays $compared): iterable
    {
        $task = $plans->tasks[$id];
        if (! $task->unassigned()->isZero() && $task->days?->intersectedWith($days) !== null) {
            yield from PlannedTime::spread($items->of($id, 0, 0, 0), Spread::over($task->unassigned(), $task->days, $plans->capacities()->for(null)), $days, $compared);
        }
    }

    private static function after(DayRange $range, Day $today): ?DayRange
    {
        return $range->intersectedWith(DayRange::between($today->plusDays(1), Day::later($today->plusDays(1), $range->last())));
    }
}
