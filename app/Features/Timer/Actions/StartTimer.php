<?php

declare(strict_types=1);

namespace App\Features\Timer\Actions;

use App\Features\Week\Queries\RecordableTasks;
use App\Models\Person;
use App\Models\Role;
use App\Models\Timer;
use App\Models\TimerRun;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/** Starts a timer on a task. One that runs or is paused is stopped first; the same started twice is one. */
final readonly class StartTimer
{
    public function __construct(private RecordableTasks $tasks, private StopTimer $stop, private Today $today)
    {
    }

    /**
     * @param  DateTimeImmutable  $at  when it was meant to start
     *
     * @throws TimerRefused if nothing can be recorded on the task
     */
    public function handle(Person $person, int $task, ?int $role, string $note, DateTimeImmutable $at): void
    {
        DB::transaction(function () use ($person, $task, $role, $note, $at): void {
            $refusal = $this->tasks->refusal($person, $this->tasks->byId($person, [$task])[$task] ?? null, $this->today->for($person));
            if ($refusal === null && $role !== null && ! Role::query()->whereKey($role)->exists()) {
                $refusal = Wording::refusal('cell.no_role');
            }
            if ($refusal !== null) {
                throw TimerRefused::saying($refusal);
            }
            $before = Timer::query()->with('runs')->where('person_id', $person->id)->first();
            if ($before?->measured()->isRunning() === true && [$before->task_id, $before->role_id] === [$task, $role]) {
                return;
            }
            if ($before !== null) {
                $this->stop->stop($person, $before, $at);
            }
            $timer = Timer::query()->create(['person_id' => $person->id, 'task_id' => $task, 'role_id' => $role, 'note' => $note, 'version' => 1]);
            TimerRun::query()->create(['timer_id' => $timer->id, 'started_at' => $at->format(StopTimer::INSTANT)]);
        });
    }
}
