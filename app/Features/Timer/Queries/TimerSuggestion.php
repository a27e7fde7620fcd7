<?php

declare(strict_types=1);

namespace App\Features\Timer\Queries;

use App\Models\Entry;
use App\Models\Person;
use App\Models\Timer;
use App\Models\TimerRun;
use App\Sheet\ExpectedDays;
use DateInterval;
use DateTimeImmutable;
use DateTimeZone;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

/** When a timer that was forgotten may have been meant to stop: when the hours expected of its day were reached. */
final readonly class TimerSuggestion
{
    /** @return DateTimeImmutable|null where the person is; null where the day asks for no more, or that time is yet to come */
    public static function of(Person $person, DateTimeImmutable $now): ?DateTimeImmutable
    {
        $timer = Timer::query()->with('runs')->where('person_id', $person->id)->first();
        $runs = $timer?->measured();
        $last = $timer?->runs->last();
        if ($runs === null || ! $last instanceof TimerRun || ! $runs->seemsForgotten($now)) {
            return null;
        }
        $started = (new DateTimeImmutable($last->started_at))->setTimezone(new DateTimeZone($person->timezone ?? 'UTC'));
        $day = Day::of($started->format('Y-m-d'));
        $expected = ExpectedDays::of($person, DayRange::between($day, $day))->hours()->on($day)->toInt();
        $entered = Entry::query()->toBase()->where('person_id', $person->id)->where('date', $day->toString())->sum('minutes');
        $left = $expected - (int) $entered;
        $ends = $started->add(new DateInterval('PT'.max(0, $left).'M'));

        return $left > 0 && $ends < $now && $ends->format('Y-m-d') === $day->toString() ? $ends : null;
    }
}
