<?php

declare(strict_types=1);

namespace Moss\Core\Clock;

/**
 * A time of day by the clock on the wall, in whole minutes after midnight; 0:00 to 24:00, both included.
 */
final readonly class ClockTime
{
    public const END_OF_DAY = 1440;

    /** `9`, `17`, `9:30`, `9.30`, `0930`, `9am`, `5:15pm`. */
    private const TEXT = '/^(\d{1,2})(?:[:.]?(\d{2}))?\s*([ap]m?)?$/iD';

    private function __construct(private int $minute)
    {
    }

    /**
     * @param  int  $minute  after midnight, 0 to 1440
     *
     * @throws NotAClockTime
     */
    public static function atMinute(int $minute): self
    {
        if ($minute < 0 || $minute > self::END_OF_DAY) {
            throw NotAClockTime::outsideDay($minute);
        }

        return new self($minute);
    }

    /**
     * As people type it; 24:00 is the end of the day.
     *
     * @throws NotAClockTime
     */
    public static function read(string $text): self
    {
        if (preg_match(self::TEXT, trim($text), $found) !== 1) {
            throw NotAClockTime::text($text);
        }
        [$hour, $minutes, $half] = [(int) $found[1], (int) ($found[2] ?? 0), strtolower($found[3] ?? '')];
        if ($minutes > 59 || ($half !== '' && ($hour < 1 || $hour > 12))) {
            throw NotAClockTime::text($text);
        }
        if ($half !== '') {
            $hour = $hour % 12 + (str_starts_with($half, 'p') ? 12 : 0);
        }
        if ($hour * 60 + $minutes > self::END_OF_DAY) {
            throw NotAClockTime::text($text);
        }

        return new self($hour * 60 + $minutes);
    }

    /** Minutes after midnight. */
    public function minute(): int
    {
        return $this->minute;
    }

    /** `09:30`. */
    public function toString(): string
    {
        return sprintf('%02d:%02d', intdiv($this->minute, 60), $this->minute % 60);
    }

    public function isBefore(self $other): bool
    {
        return $this->minute < $other->minute;
    }

    public static function earlier(self $one, self $other): self
    {
        return $other->isBefore($one) ? $other : $one;
    }

    public static function later(self $one, self $other): self
    {
        return $one->isBefore($other) ? $other : $one;
    }
}
