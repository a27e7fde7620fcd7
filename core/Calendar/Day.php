<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * A calendar day of the proleptic Gregorian calendar, without a zone; years 1 to 9999.
 *
 * Held as the count of days since 1970-01-01, so that ordering and distance are plain integers.
 * Conversion: H. Hinnant, "chrono-compatible low-level date algorithms" (days_from_civil, civil_from_days).
 */
final readonly class Day
{
    private function __construct(private int $number)
    {
    }

    /**
     * @param  string  $text  `YYYY-MM-DD`
     *
     * @throws NotADay
     */
    public static function of(string $text): self
    {
        /** @var array<string, self> $days by text, since the same few are read again and again */
        static $days = [];

        return $days[$text] ??= self::read($text);
    }

    /** @throws NotADay */
    private static function read(string $text): self
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $found) !== 1) {
            throw NotADay::text($text);
        }
        [$year, $month, $day] = [(int) $found[1], (int) $found[2], (int) $found[3]];
        if ($year < 1 || ! checkdate($month, $day, $year)) {
            throw NotADay::text($text);
        }

        return new self(self::numberOf($year, $month, $day));
    }

    public function toString(): string
    {
        /** @var array<int, string> $texts by number, since the same few are written again and again */
        static $texts = [];

        return $texts[$this->number] ??= $this->written();
    }

    private function written(): string
    {
        [$year, $month, $day] = $this->civil();

        return sprintf('%04d-%02d-%02d', $year, $month, $day);
    }

    /** 1 is Monday, 7 is Sunday (ISO 8601). */
    public function weekday(): int
    {
        return ((($this->number + 3) % 7) + 7) % 7 + 1;
    }

    /** `YYYY-MM`. */
    public function month(): string
    {
        return substr($this->toString(), 0, 7);
    }

    /** `YYYY-Q1` to `YYYY-Q4`. */
    public function quarter(): string
    {
        $month = $this->month();

        return sprintf('%s-Q%d', substr($month, 0, 4), intdiv((int) substr($month, 5) + 2, 3));
    }

    public function year(): int
    {
        return $this->civil()[0];
    }

    public function plusDays(int $days): self
    {
        return new self($this->number + $days);
    }

    /** Days from this day to the other; negative if the other is earlier. */
    public function daysUntil(self $other): int
    {
        return $other->number - $this->number;
    }

    public function isBefore(self $other): bool
    {
        return $this->number < $other->number;
    }

    public function isAfter(self $other): bool
    {
        return $this->number > $other->number;
    }

    public function equals(self $other): bool
    {
        return $this->number === $other->number;
    }

    public static function earlier(self $one, self $other): self
    {
        return $one->isAfter($other) ? $other : $one;
    }

    public static function later(self $one, self $other): self
    {
        return $one->isBefore($other) ? $other : $one;
    }

    private static function numberOf(int $year, int $month, int $day): int
    {
        $year -= $month <= 2 ? 1 : 0;
        $era = intdiv($year, 400);
        $yearOfEra = $year - $era * 400;
        $dayOfYear = intdiv(153 * ($month + ($month > 2 ? -3 : 9)) + 2, 5) + $day - 1;

        return $era * 146097 + $yearOfEra * 365 + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100) + $dayOfYear - 719468;
    }

    /** @return array{int, int, int} year, month, day */
    private function civil(): array
    {
        $shifted = $this->number + 719468;
        $era = intdiv($shifted >= 0 ? $shifted : $shifted - 146096, 146097);
        $dayOfEra = $shifted - $era * 146097;
        $yearOfEra = intdiv($dayOfEra - intdiv($dayOfEra, 1460) + intdiv($dayOfEra, 36524) - intdiv($dayOfEra, 146096), 365);
        $dayOfYear = $dayOfEra - (365 * $yearOfEra + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100));
        $shiftedMonth = intdiv(5 * $dayOfYear + 2, 153);
        $month = $shiftedMonth + ($shiftedMonth < 10 ? 3 : -9);

        return [$yearOfEra + $era * 400 + ($month <= 2 ? 1 : 0), $month, $dayOfYear - intdiv(153 * $shiftedMonth + 2, 5) + 1];
    }
}
