<?php

declare(strict_types=1);

namespace Moss\Core\Clock;

use Moss\Core\Time\Minutes;

/**
 * Part of one day from a time up to, but not including, a later one: at least a minute, at most from 0:00 to 24:00.
 */
final readonly class ClockSpan
{
    private function __construct(public ClockTime $starts, public ClockTime $ends)
    {
    }

    /** @throws SpanReversed unless the end comes after the start */
    public static function between(ClockTime $starts, ClockTime $ends): self
    {
        if (! $starts->isBefore($ends)) {
            throw SpanReversed::between($starts, $ends);
        }

        return new self($starts, $ends);
    }

    /**
     * @param  int  $starts  minutes after midnight, 0 to 1439
     * @param  int  $ends  minutes after midnight, 1 to 1440
     *
     * @throws NotAClockTime|SpanReversed
     */
    public static function ofMinutes(int $starts, int $ends): self
    {
        return self::between(ClockTime::atMinute($starts), ClockTime::atMinute($ends));
    }

    /**
     * As people type it: `9-11:30`, `13:00–17:15`, `9am-12pm`. An end before noon that comes before its start is meant as the
     * afternoon's, so that `11-1` is two hours; and an end of `0` or `0:00` is the end of the day.
     *
     * @throws NotAClockTime|SpanReversed
     */
    public static function read(string $text): self
    {
        $parts = preg_split('/\s*(?:-|–|\bto\b)\s*/u', trim($text)) ?: [];
        if (count($parts) !== 2) {
            throw NotAClockTime::text($text);
        }
        [$starts, $ends] = [ClockTime::read($parts[0]), ClockTime::read($parts[1])];
        $isPlain = preg_match('/[ap]/i', $parts[1]) !== 1;
        if ($isPlain && $ends->minute() === 0) {
            $ends = ClockTime::atMinute(ClockTime::END_OF_DAY);
        } elseif ($isPlain && $ends->isBefore($starts) && $ends->minute() < 720) {
            $ends = ClockTime::atMinute($ends->minute() + 720);
        }

        return self::between($starts, $ends);
    }

    public function minutes(): Minutes
    {
        return Minutes::of($this->ends->minute() - $this->starts->minute());
    }

    public function overlaps(self $other): bool
    {
        return $this->starts->isBefore($other->ends) && $other->starts->isBefore($this->ends);
    }

    /** `09:00–11:30`. */
    public function toString(): string
    {
        return $this->starts->toString().'–'.$this->ends->toString();
    }
}
