<?php

declare(strict_types=1);

namespace Moss\Core\Timer;

use DateTimeImmutable;
use DateTimeZone;
use Moss\Core\Calendar\Day;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\ClockTime;
use Moss\Core\Clock\DaySpans;
use Moss\Core\Time\Minutes;

/**
 * Everything that one timer has run, in order.
 */
final readonly class TimerRuns
{
    /** After how long without a pause it is asked whether somebody forgot to stop it. */
    private const LONG_RUN = 10 * 3600;

    /** @param  list<TimerRun>  $runs */
    public function __construct(public array $runs)
    {
    }

    /** Whole minutes up to now, as far as they are full. */
    public function elapsed(DateTimeImmutable $now): Minutes
    {
        return Minutes::of(intdiv(array_sum(array_map(static fn (TimerRun $run): int => $run->seconds($now), $this->runs)), 60));
    }

    public function isRunning(): bool
    {
        return $this->last()?->ended === null && $this->runs !== [];
    }

    /** Whether it has run so long without a pause that somebody may have forgotten it. */
    public function seemsForgotten(DateTimeImmutable $now): bool
    {
        return $this->isRunning() && ($this->last()?->seconds($now) ?? 0) >= self::LONG_RUN;
    }

    /**
     * The days that the timer ran on where its person is.
     *
     * Runs are cut at midnight and where the clock is put back or forward, so that every part has the length that has really
     * gone by: on the day of 25 hours the parts of the repeated hour overlap. The minutes of a day are the seconds that ran on
     * it, to the nearest minute, half up, and then rounded to the step. Parts begin and end at full minutes; the last of the
     * day is lengthened or shortened until they add up to its minutes; where it ends at midnight, the first is shortened instead. A day with less than half a minute is left out.
     *
     * @param  Minutes|null  $step  of the organisation's entries
     * @return list<TimedDay> in order
     */
    public function byDay(DateTimeImmutable $now, DateTimeZone $zone, Rounding $rounding, ?Minutes $step): array
    {
        $seconds = [];
        $spans = [];
        foreach ($this->runs as $run) {
            foreach (self::parts($run->started->getTimestamp(), $run->endedBy($now)->getTimestamp(), $zone) as [$date, $start, $length]) {
                $seconds[$date] = ($seconds[$date] ?? 0) + $length;
                $starts = intdiv($start, 60);
                $ends = min(ClockTime::END_OF_DAY, max($starts + 1, intdiv($start + $length, 60)));
                $spans[$date][] = ClockSpan::ofMinutes($starts, $ends);
            }
        }
        ksort($spans);
        $days = [];
        foreach ($spans as $date => $ofDay) {
            $minutes = Minutes::of(min(Minutes::PER_DAY, intdiv($seconds[$date] + 30, 60)));
            if (! $minutes->isZero()) {
                $days[] = new TimedDay(Day::of($date), self::fitted(DaySpans::of($ofDay), $rounding->rounded($minutes, $step)));
            }
        }

        return $days;
    }

    /** What went on through midnight ends there. */
    private static function fitted(DaySpans $spans, Minutes $minutes): DaySpans
    {
        $over = $spans->minutes()->minus($minutes)->toInt();
        $first = $spans->spans[0];
        $last = $spans->spans[count($spans->spans) - 1];
        if ($over <= 0 || $last->ends->minute() < ClockTime::END_OF_DAY || $first->minutes()->toInt() <= $over) {
            return $spans->fittedTo($minutes);
        }

        return DaySpans::of([ClockSpan::ofMinutes($first->starts->minute() + $over, $first->ends->minute()), ...array_slice($spans->spans, 1)]);
    }

    private function last(): ?TimerRun
    {
        return $this->runs === [] ? null : $this->runs[count($this->runs) - 1];
    }

    /** @return list<array{string, int, int}> the day, the second after its midnight by the clock, and how many seconds from there */
    private static function parts(int $from, int $to, DateTimeZone $zone): array
    {
        $cuts = [$to];
        foreach ($zone->getTransitions($from, $to) ?: [] as $transition) {
            $cuts[] = $transition['ts'];
        }
        for ($midnight = self::nextMidnight($from, $zone); $midnight < $to; $midnight = self::nextMidnight($midnight, $zone)) {
            $cuts[] = $midnight;
        }
        sort($cuts);
        $parts = [];
        foreach ($cuts as $cut) {
            if ($cut > $from) {
                $start = (new DateTimeImmutable('@'.$from))->setTimezone($zone);
                $second = (int) $start->format('G') * 3600 + (int) $start->format('i') * 60 + (int) $start->format('s');
                $parts[] = [$start->format('Y-m-d'), $second, $cut - $from];
                $from = $cut;
            }
        }

        return $parts;
    }

    private static function nextMidnight(int $instant, DateTimeZone $zone): int
    {
        return (new DateTimeImmutable('@'.$instant))->setTimezone($zone)->modify('tomorrow midnight')->getTimestamp();
    }
}
