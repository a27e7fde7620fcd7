<?php

declare(strict_types=1);

namespace App\Features\Timer\Actions;

use App\Models\Organisation;
use App\Models\Person;
use App\Models\Stretch;
use App\Models\StretchSource;
use App\Models\Timer;
use App\Models\TimerRun;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Moss\Core\Time\Minutes;
use Moss\Core\Timer\TimedDay;

/** Stops a timer: what it measured is pencilled by the clock on the days on which it ran. */
final readonly class StopTimer
{
    public const INSTANT = 'Y-m-d\TH:i:s\Z';

    /**
     * @param  DateTimeImmutable  $at  when it was meant to stop; never before the run began
     * @return list<TimedDay> what was pencilled; none where it ran for less than half a minute
     *
     * @throws TimerRefused
     */
    public function handle(Person $person, SeenTimer $seen, DateTimeImmutable $at): array
    {
        return DB::transaction(fn (): array => $this->stop($person, $seen->of($person), $at));
    }

    /** @return list<TimedDay> */
    public function stop(Person $person, Timer $timer, DateTimeImmutable $at): array
    {
        self::pause($timer, $at);
        $organisation = Organisation::query()->sole();
        $days = $timer->load('runs')->measured()->byDay($at, new DateTimeZone($person->timezone ?? 'UTC'), $organisation->timer_rounding, $organisation->entry_step);
        foreach ($days as $day) {
            Stretch::query()->insert(array_map(static fn ($span): array => [
                'person_id' => $person->id, 'date' => $day->day->toString(), 'starts_at' => $span->starts->minute(), 'ends_at' => $span->ends->minute(),
                'task_id' => $timer->task_id, 'role_id' => $timer->role_id, 'is_inked' => false, 'source' => StretchSource::Timer->value, 'note' => $timer->note,
            ], $day->spans->spans));
        }
        $timer->delete();

        return $days;
    }

    /** Ends the run that is under way, if one is; at the earliest when it began. */
    public static function pause(Timer $timer, DateTimeImmutable $at): void
    {
        $run = $timer->runs->first(static fn (TimerRun $run): bool => $run->ended_at === null);
        $run?->update(['ended_at' => max($run->started_at, $at->format(self::INSTANT))]);
    }

    /** @param  list<TimedDay>  $days */
    public static function minutes(array $days): Minutes
    {
        return Minutes::sum(array_map(static fn (TimedDay $day): Minutes => $day->minutes(), $days));
    }
}
