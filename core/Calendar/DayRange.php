<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use IteratorAggregate;
use Traversable;

/**
 * Consecutive days, first and last included; at least one.
 *
 * @implements IteratorAggregate<int, Day>
 */
final readonly class DayRange implements IteratorAggregate
{
    private function __construct(private Day $first, private Day $last)
    {
    }

    /** @throws RangeReversed if the last day is before the first */
    public static function between(Day $first, Day $last): self
    {
        if ($last->isBefore($first)) {
            throw RangeReversed::between($first, $last);
        }

        return new self($first, $last);
    }

    public function first(): Day
    {
        return $this->first;
    }

    public function last(): Day
    {
        return $this->last;
    }

    public function count(): int
    {
        return $this->first->daysUntil($this->last) + 1;
    }

    public function equals(self $other): bool
    {
        return $this->first->equals($other->first) && $this->last->equals($other->last);
    }

    public function includes(Day $day): bool
    {
        return ! $day->isBefore($this->first) && ! $day->isAfter($this->last);
    }

    /** The days that both have, or null where they do not meet. */
    public function intersectedWith(self $other): ?self
    {
        $first = Day::later($this->first, $other->first);
        $last = Day::earlier($this->last, $other->last);

        return $last->isBefore($first) ? null : new self($first, $last);
    }

    /** The days up to and including the given one, or null where there are none. */
    public function upTo(Day $day): ?self
    {
        return $day->isBefore($this->first) ? null : new self($this->first, Day::earlier($this->last, $day));
    }

    /** @return array<string, int> weekdays, 1 for Monday to 7 for Sunday, by `YYYY-MM-DD` in order */
    public function weekdays(): array
    {
        $weekdays = [];
        $weekday = $this->first->weekday();
        $left = $this->count();
        for ($first = $this->first; $left > 0; $first = $next) {
            $month = $first->month();
            $next = Day::of(Day::of($month.'-01')->plusDays(31)->month().'-01');
            $number = (int) substr($first->toString(), 8);
            for ($inMonth = min($left, $first->daysUntil($next)); $inMonth > 0; $inMonth--, $left--, $number++) {
                $weekdays[$month.($number < 10 ? '-0' : '-').$number] = $weekday;
                $weekday = $weekday % 7 + 1;
            }
        }

        return $weekdays;
    }

    public function getIterator(): Traversable
    {
        for ($day = $this->first; ! $day->isAfter($this->last); $day = $day->plusDays(1)) {
            yield $day;
        }
    }
}
