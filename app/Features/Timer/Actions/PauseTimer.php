<?php

declare(strict_types=1);

namespace App\Features\Timer\Actions;

use App\Models\Person;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/** Pauses a timer; one that is paused stays so. */
final readonly class PauseTimer
{
    /** @throws TimerRefused */
    public function handle(Person $person, SeenTimer $seen, DateTimeImmutable $at): void
    {
        DB::transaction(static function () use ($person, $seen, $at): void {
            $timer = $seen->of($person);
            if ($timer->measured()->isRunning()) {
                StopTimer::pause($timer, $at);
                $timer->update(['version' => $timer->version + 1]);
            }
        });
    }
}
