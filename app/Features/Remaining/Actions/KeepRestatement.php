<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Features\Figures\Queries\TaskEfforts;
use App\Models\Person;
use App\Models\Restatement;
use App\Models\Task;
use App\Support\Clock\Today;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\Restatement as Word;
use Moss\Core\Effort\TaskEffort;

/** Puts a restatement in force, in the place of one that the person made on the same day; the trail keeps both. */
final readonly class KeepRestatement
{
    public function __construct(private TaskEfforts $efforts, private Trail $trail, private Today $today)
    {
    }

    public function handle(Person $actor, Person $owner, Task $task, Word $word, string $reason, string $act): void
    {
        $before = $this->efforts->of($task->id);
        $known = Restatement::query()->where('task_id', $task->id)->where('person_id', $owner->id)->where('stated_on', $word->on->toString())->first();
        // Written anew rather than changed, so that of words of one day it is the last.
        $known?->delete();
        Restatement::query()->create([
            'task_id' => $task->id, 'person_id' => $owner->id, 'stated_on' => $word->on->toString(), 'remaining_minutes' => $word->remaining->toInt(),
            'done' => $word->done, 'reason' => $reason, 'stated_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'stated_by_id' => $actor->id,
        ]);
        $this->trace($actor, $owner, $task, $before, $this->efforts->of($task->id), $word->on, $reason, $act);
    }

    public function trace(Person $actor, Person $owner, Task $task, ?TaskEffort $before, ?TaskEffort $after, Day $on, string $reason, string $act): void
    {
        $this->trail->of([new TrailLine(
            $act, $actor->id, null, $owner->id, $task->id, $on->toString(), self::told($before, $owner), self::told($after, $owner), $reason, TrailSubject::Remaining,
        )]);
    }

    /** @return array<string, string|int|null>|null */
    private static function told(?TaskEffort $effort, Person $owner): ?array
    {
        $holding = $effort?->holdingOf($owner->code, $owner->team?->code);
        if ($effort === null || $holding === null) {
            return null;
        }
        $forecast = Forecasting::ofMinutes()->ofTask($effort)->forecast();

        return ['remaining_minutes' => $holding->remaining()->toInt(), 'done' => $holding->isDone() ? 'yes' : 'no', 'forecast_minutes' => $forecast->toInt()];
    }
}
