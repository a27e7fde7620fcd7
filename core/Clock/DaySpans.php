<?php

declare(strict_types=1);

namespace Moss\Core\Clock;

use Moss\Core\Time\Minutes;

/**
 * Spans of one day, in the order of their starts. They may overlap: what overlaps counts for each.
 */
final readonly class DaySpans
{
    /** @param  list<ClockSpan>  $spans */
    private function __construct(public array $spans)
    {
    }

    /** @param  list<ClockSpan>  $spans  in any order */
    public static function of(array $spans): self
    {
        usort($spans, static fn (ClockSpan $one, ClockSpan $other): int => [$one->starts->minute(), $one->ends->minute()] <=> [$other->starts->minute(), $other->ends->minute()]);

        return new self($spans);
    }

    public function minutes(): Minutes
    {
        return Minutes::sum(array_map(static fn (ClockSpan $span): Minutes => $span->minutes(), $this->spans));
    }

    /** The same with no more than some minutes: what is too much is taken from the end of the last, then of the one before. */
    public function shortenedTo(Minutes $most): self
    {
        $over = $this->minutes()->minus($most)->toInt();
        $spans = $this->spans;
        while ($over > 0 && $spans !== []) {
            $last = array_pop($spans);
            $kept = $last->minutes()->toInt() - $over;
            if ($kept > 0) {
                $spans[] = ClockSpan::ofMinutes($last->starts->minute(), $last->starts->minute() + $kept);
            }
            $over = -$kept;
        }

        return new self($spans);
    }

    /**
     * The same with exactly some minutes: shortened, or the last lengthened up to the end of the day and then the first
     * from its start. None stay none.
     *
     * @param  Minutes  $minutes  at most a day more than there are
     */
    public function fittedTo(Minutes $minutes): self
    {
        $missing = $minutes->minus($this->minutes())->toInt();
        if ($missing <= 0 || $this->spans === []) {
            return $this->shortenedTo($minutes);
        }
        $spans = $this->spans;
        $last = count($spans) - 1;
        $later = min($missing, ClockTime::END_OF_DAY - $spans[$last]->ends->minute());
        $spans[$last] = ClockSpan::ofMinutes($spans[$last]->starts->minute(), $spans[$last]->ends->minute() + $later);
        $earlier = min($missing - $later, $spans[0]->starts->minute());
        $spans[0] = ClockSpan::ofMinutes($spans[0]->starts->minute() - $earlier, $spans[0]->ends->minute());

        return new self($spans);
    }

    /**
     * Where more time could go: into what is free from a time on, the earliest first, in as many parts as the gaps ask for. What
     * does not fit before midnight is left out.
     *
     * @param  ClockTime  $from  earlier gaps are left free
     * @return list<ClockSpan>
     */
    public function placesFor(Minutes $minutes, ClockTime $from): array
    {
        $places = [];
        $missing = $minutes->toInt();
        $edges = array_map(static fn (ClockSpan $span): array => [$span->starts, $span->ends], $this->spans);
        foreach ([...$edges, [ClockTime::atMinute(ClockTime::END_OF_DAY), $from]] as [$until, $next]) {
            $length = min($missing, $until->minute() - $from->minute());
            if ($length > 0) {
                $places[] = ClockSpan::ofMinutes($from->minute(), $from->minute() + $length);
                $missing -= $length;
            }
            $from = ClockTime::later($from, $next);
        }

        return $places;
    }

    public function with(ClockSpan ...$spans): self
    {
        return self::of([...$this->spans, ...array_values($spans)]);
    }

    /** @return list<ClockSpan> where nothing lies between the first start and the last end */
    public function gaps(): array
    {
        $gaps = [];
        $reached = null;
        foreach ($this->spans as $span) {
            if ($reached !== null && $reached->isBefore($span->starts)) {
                $gaps[] = ClockSpan::between($reached, $span->starts);
            }
            $reached = $reached === null ? $span->ends : ClockTime::later($reached, $span->ends);
        }

        return $gaps;
    }

    /** @return list<ClockSpan> where two or more lie on one another, joined */
    public function overlaps(): array
    {
        $overlaps = [];
        $reached = null;
        foreach ($this->spans as $span) {
            if ($reached !== null && $span->starts->isBefore($reached)) {
                $ends = ClockTime::earlier($reached, $span->ends);
                $before = array_pop($overlaps);
                if ($before !== null && ! $before->ends->isBefore($span->starts)) {
                    $overlaps[] = ClockSpan::between($before->starts, ClockTime::later($before->ends, $ends));
                } else {
                    array_push($overlaps, ...array_filter([$before]), ...[ClockSpan::between($span->starts, $ends)]);
                }
            }
            $reached = $reached === null ? $span->ends : ClockTime::later($reached, $span->ends);
        }

        return $overlaps;
    }
}
