<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * The days of a week that lie in one month: the largest runs of days from which both weeks and months can be summed. A week
 * that lies in two months has two parts.
 */
final readonly class WeekPart
{
    private function __construct(private DayRange $days)
    {
    }

    public static function containing(Day $day): self
    {
        $week = Week::containing($day);
        $first = Day::later($week->monday(), Day::of($day->month().'-01'));
        $last = $week->sunday();
        // A month that begins within the week ends the part before it.
        if ($last->month() !== $first->month()) {
            $last = Day::of($last->month().'-01')->plusDays(-1);
        }

        return new self(DayRange::between($first, $last));
    }

    /** @return list<string> the first days of the parts that begin on some days, in order */
    public static function beginningIn(DayRange $days): array
    {
        $firsts = [];
        for ($day = $days->first(); ! $day->isAfter($days->last()); $day = $part->days->last()->plusDays(1)) {
            $part = self::containing($day);
            if (! $part->days->first()->isBefore($days->first())) {
                $firsts[] = $part->toString();
            }
        }

        return $firsts;
    }

    public function days(): DayRange
    {
        return $this->days;
    }

    /** The first day, `YYYY-MM-DD`, which no other part begins with. */
    public function toString(): string
    {
        return $this->days->first()->toString();
    }
}
