<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * The public holidays that hold for a person; at most one a day.
 */
final readonly class HolidayCalendar
{
    /** @param  array<string, Holiday>  $holidays  by `YYYY-MM-DD` */
    private function __construct(private array $holidays)
    {
    }

    /** @param  iterable<Holiday>  $holidays */
    public static function of(iterable $holidays): self
    {
        $byDay = [];
        foreach ($holidays as $holiday) {
            $byDay[$holiday->day->toString()] = $holiday;
        }

        return new self($byDay);
    }

    public static function empty(): self
    {
        return new self([]);
    }

    /** @param  string  $date  `YYYY-MM-DD` */
    public function has(string $date): bool
    {
        return isset($this->holidays[$date]);
    }

    public function on(Day $day): ?Holiday
    {
        return $this->holidays === [] ? null : $this->holidays[$day->toString()] ?? null;
    }
}
