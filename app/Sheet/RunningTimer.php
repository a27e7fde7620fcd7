<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Person;
use App\Models\Timer;
use App\Sheet\Props\TimerProps;
use DateTimeImmutable;
use DateTimeZone;
use Moss\Core\Timer\TimerRun;

/** The timer of a person as it is shown; in five queries where there is one, and one where there is none. */
final readonly class RunningTimer
{
    public static function of(Person $person, DateTimeImmutable $now): ?TimerProps
    {
        $timer = Timer::query()->with(['runs', 'task.project', 'role'])->where('person_id', $person->id)->first();
        if ($timer === null) {
            return null;
        }
        $runs = $timer->measured();
        $first = $timer->runs->first();

        return new TimerProps(
            $timer->id,
            $timer->version,
            LineKey::of($timer->task_id, $timer->role_id),
            $timer->task->name,
            $timer->task->project->name,
            $timer->role?->name,
            $timer->note,
            $runs->isRunning(),
            array_sum(array_map(static fn (TimerRun $run): int => $run->seconds($now), $runs->runs)),
            (new DateTimeImmutable($first->started_at ?? 'now'))->setTimezone(new DateTimeZone($person->timezone ?? 'UTC'))->format('Y-m-d\TH:i'),
            $runs->seemsForgotten($now),
        );
    }
}
