<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Effort\EffortReader;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Models\Person;
use App\Models\ProposedEstimate;
use App\Models\RemainingEstimate;
use App\Models\Task;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Takes back an estimate of today, or one that is waiting; the previous one counts again. */
final readonly class TakeBackEstimate
{
    public function __construct(private EffortReader $efforts, private SaveEstimate $save, private UpdateTotals $totals, private Today $today)
    {
    }

    /** @throws EstimateRefusal */
    public function handle(Person $actor, Person $owner, Task $task): void
    {
        DB::transaction(function () use ($actor, $owner, $task): void {
            $on = $this->today->for($owner);
            $asked = ProposedEstimate::query()->where('task_id', $task->id)->where('person_id', $owner->id)->waiting()->first();
            $estimate = RemainingEstimate::query()->where('task_id', $task->id)->where('person_id', $owner->id)->where('estimated_on', $on->toString())->first();
            $before = $this->efforts->task($task->id);
            if ($asked !== null) {
                $asked->update(['state' => 'withdrawn', 'decided_by_id' => $actor->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            } elseif ($estimate !== null) {
                $estimate->delete();
                $this->totals->handle((new EffortChanges)->estimatesOf($task->id));
            } else {
                throw EstimateRefusal::saying('nothing_said');
            }
            $this->save->trace($actor, $owner, $task, $before, $this->efforts->task($task->id), $on, '', 'take back');
        });
    }
}
