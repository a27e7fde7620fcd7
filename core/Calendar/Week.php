<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * A week of ISO 8601: Monday to Sunday, numbered in the year that holds its Thursday.
 */
final readonly class Week
{
    private function __construct(private Day $monday)
    {
    }

    /**
     * @param  string  $text  `2026-W25`
     *
     * @throws NotADay
     */
    public static function of(string $text): self
    {
        if (preg_match('/^(\d{4})-W(\d{2})$/D', $text, $found) !== 1 || (int) $found[1] < 1) {
            throw NotADay::text($text);
        }
        // 4 January is always in week 1.
        $first = self::containing(Day::of($found[1].'-01-04'));
        $week = new self($first->monday->plusDays(7 * ((int) $found[2] - 1)));
        if ($week->toString() !== $text) {
            throw NotADay::text($text);
        }

        return $week;
    }

    public static function containing(Day $day): self
    {
        return new self($day->plusDays(1 - $day->weekday()));
    }

    public function monday(): Day
    {
        return $this->monday;
    }

    public function sunday(): Day
    {
        return $this->monday->plusDays(6);
    }

    public function days(): DayRange
    {
        return DayRange::between($this->monday, $this->sunday());
    }

    public function plusWeeks(int $weeks): self
    {
        return new self($this->monday->plusDays(7 * $weeks));
    }

    public function number(): int
    {
        return intdiv(Day::of(sprintf('%04d-01-01', $this->year()))->daysUntil($this->thursday()), 7) + 1;
    }

    /** The year that the week counts in, which may differ from that of some of its days. */
    public function year(): int
    {
        return $this->thursday()->year();
    }

    public function toString(): string
    {
        return sprintf('%04d-W%02d', $this->year(), $this->number());
    }

    public function equals(self $other): bool
    {
        return $this->monday->equals($other->monday);
    }

    private function thursday(): Day
    {
        return $this->monday->plusDays(3);
    }
}
