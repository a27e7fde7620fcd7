<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use App\Effort\Totals\RecordedTotals;
use App\Effort\Totals\StoredTotals;
use App\Models\Assignment;
use App\Models\Task;
use Illuminate\Support\Facades\DB;

/**
 * Brings stored totals up to date with what an act changed. What is little is done within the act's transaction; what is much is
 * queued there, and worked off in short steps by `Recalculation`.
 */
final readonly class UpdateTotals
{
    /** More recorded totals than an act recalculates itself. */
    private const MOST_KEYS = 150;

    /** More tasks than an act recalculates itself. */
    private const MOST_TASKS = 60;

    /** More days of plans than an act spreads itself. */
    private const MOST_DAYS = 6000;

    /** So many keys or tasks are queued as one. */
    private const QUEUED_AT_ONCE = 500;

    public function __construct(
        private StoredTotals $totals,
        private RecalculationQueue $queue,
        private Recalculation $recalculation,
    ) {
    }

    /** Within the act's transaction. */
    public function handle(EffortChanges $changes): void
    {
        if (count($changes->billableTasks()) > self::MOST_TASKS) {
            $changes->widely(RecalculationScope::allRecorded());
        } else {
            foreach (RecordedTotals::keysOf($changes->billableTasks()) as [$task, $person, $role, $part]) {
                $changes->recorded($task, $person, $role === 0 ? null : $role, $part);
            }
        }
        $keys = $changes->recordedKeys();
        $tasks = $changes->tasks();
        $scopes = $changes->scopes();
        if (count($keys) > self::MOST_KEYS) {
            array_push($scopes, ...array_map(RecalculationScope::recorded(...), array_chunk($keys, self::QUEUED_AT_ONCE)));
            // The figures of their tasks come after them.
            array_push($scopes, ...array_map(RecalculationScope::figures(...), array_chunk(array_values(array_unique(array_column($keys, 0))), self::QUEUED_AT_ONCE)));
            [$keys, $tasks] = [[], array_values(array_diff($tasks, array_column($keys, 0)))];
        }
        $plans = $changes->plannedTasks();
        if (count($tasks) > self::MOST_TASKS || count($plans) > self::MOST_TASKS || self::days($plans) > self::MOST_DAYS) {
            array_push($scopes, ...array_map(RecalculationScope::plans(...), array_chunk($plans, self::QUEUED_AT_ONCE)));
            array_push($scopes, ...array_map(RecalculationScope::figures(...), array_chunk(array_values(array_diff($tasks, $plans)), self::QUEUED_AT_ONCE)));
            [$tasks, $plans] = [[], []];
        }
        $this->totals->recorded($keys);
        $this->totals->plans($plans);
        $this->totals->figures($tasks);
        $this->totals->withoutTasks($changes->projects());
        if ($scopes !== []) {
            $this->queue->add($scopes);
            DB::afterCommit($this->recalculation->afterAct(...));
        }
    }

    /**
     * Queues recorded totals alone, where there are so many that they come some at a time; whoever does tells of their tasks once
     * all of them are there.
     *
     * @param  non-empty-list<array{int, int, int, string}>  $keys
     */
    public function queueRecorded(array $keys): void
    {
        $this->queue->add(array_map(RecalculationScope::recorded(...), array_chunk($keys, self::QUEUED_AT_ONCE)));
        DB::afterCommit($this->recalculation->afterAct(...));
    }

    /**
     * Over about how many days the plans of tasks lie.
     *
     * @param  list<int>  $tasks
     */
    private static function days(array $tasks): int
    {
        if ($tasks === []) {
            return 0;
        }
        $days = 'julianday(ends_on) - julianday(starts_on) + 1';
        $sum = DB::query()->fromSub(
            Assignment::query()->toBase()->whereIntegerInRaw('task_id', $tasks)->selectRaw($days.' AS days')
                ->unionAll(Task::query()->toBase()->whereIntegerInRaw('id', $tasks)->whereNotNull('planned_minutes')->selectRaw('coalesce('.$days.', 0)')),
            'plans',
        )->sum('days');

        return (int) $sum;
    }
}
