<?php

declare(strict_types=1);

namespace App\Features\Timer\Actions;

use App\Models\Person;
use App\Models\TimerRun;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/** Lets a paused timer run on; one that runs stays so. */
final readonly class ResumeTimer
{
    /** @throws TimerRefused */
    public function handle(Person $person, SeenTimer $seen, DateTimeImmutable $at): void
    {
        DB::transaction(static function () use ($person, $seen, $at): void {
            $timer = $seen->of($person);
            if (! $timer->measured()->isRunning()) {
                $started = max($timer->runs->max('ended_at') ?? '', $at->format(StopTimer::INSTANT));
                TimerRun::query()->create(['timer_id' => $timer->id, 'started_at' => $started]);
                $timer->update(['version' => $timer->version + 1]);
            }
        });
    }
}
