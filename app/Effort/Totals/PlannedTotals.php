<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Effort\EffortScope;
use App\Effort\PlannedPart;
use App\Effort\PlanReader;
use App\Effort\Plans;
use App\Support\Database\BulkRows;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Planning\Spread;

/**
 * What is planned by task, person or team, role and week part: the plan spread over working days. Stored in `planned_weeks`,
 * where person and team 0 stand for hours that nobody is assigned to, and role 0 for the person's usual one.
 */
final class PlannedTotals
{
    public const KEY = ['task_id', 'person_id', 'team_id', 'role_id', 'starts_on'];

    public const COLUMNS = ['planned_minutes'];

    /** @var array<string, string> first days of parts by day */
    private array $parts = [];

    public function __construct(private readonly PlanReader $plans)
    {
    }

    /** @param  list<int>  $tasks */
    public function refresh(array $tasks): void
    {
        $sums = $this->of($tasks);
        $gone = [];
        foreach (Record::each(DB::table('planned_weeks')->whereIntegerInRaw('task_id', $tasks)) as $row) {
            $key = self::keyOf($row);
            if (! isset($sums[implode(' ', $key)])) {
                $gone[] = $key;
            } elseif ($sums[implode(' ', $key)][5] === $row->int('planned_minutes')) {
                unset($sums[implode(' ', $key)]);
            }
        }
        BulkRows::delete('planned_weeks', self::KEY, $gone);
        BulkRows::upsert('planned_weeks', self::KEY, self::COLUMNS, array_values($sums));
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
        $sums = [];
        foreach ($plans->tasks as $id => $task) {
            foreach ($plans->parts[$id] ?? [] as $part) {
                $this->add($sums, [$id, $part->person, $part->team, $part->role], self::spread($part, $plans));
            }
            // Without any dates there are no days on which hours could lie.
            if (! $task->unassigned()->isZero() && $task->days !== null) {
                $this->add($sums, [$id, 0, 0, 0], Spread::over($task->unassigned(), $task->days, $plans->capacities()->for(null)));
            }
        }

        return $sums;
    }

    private static function spread(PlannedPart $part, Plans $plans): Spread
    {
        return $part->assignment->spread($plans->capacities()->for($part->assignment->assignee));
    }

    /**
     * @param  array<string, non-empty-list<int|string>>  $sums
     * @param  array{int, int, int, int}  $who  task, person, team and role
     */
    private function add(array &$sums, array $who, Spread $spread): void
    {
        $byPart = [];
        foreach ($spread->byDay() as $date => $minutes) {
            $part = $this->parts[$date] ??= WeekPart::containing(Day::of($date))->toString();
            $byPart[$part] = ($byPart[$part] ?? 0) + $minutes->toInt();
        }
        foreach ($byPart as $part => $minutes) {
            $key = implode(' ', $who).' '.$part;
            $before = $sums[$key][5] ?? 0;
            $sums[$key] = [...$who, $part, (int) $before + $minutes];
        }
    }

    /** @return array{int, int, int, int, string} */
    private static function keyOf(Record $row): array
    {
        return [$row->int('task_id'), $row->int('person_id'), $row->int('team_id'), $row->int('role_id'), $row->string('starts_on')];
    }
}
