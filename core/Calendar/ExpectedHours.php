<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use Moss\Core\Time\Minutes;

/**
 * The expected hours of a person on a day: capacity less absences; never below 0, and 0 outside employment.
 */
final readonly class ExpectedHours
{
    /** @param  array<string, list<Absence>>  $absences  by `YYYY-MM-DD` */
    private function __construct(private Capacity $capacity, private Employment $employment, private array $absences)
    {
    }

    /** @param  iterable<Absence>  $absences */
    public static function of(Capacity $capacity, Employment $employment, iterable $absences): self
    {
        $byDay = [];
        foreach ($absences as $absence) {
            $byDay[$absence->day->toString()][] = $absence;
        }

        return new self($capacity, $employment, $byDay);
    }

    public function on(Day $day): Minutes
    {
        if (! $this->employment->includes($day)) {
            return Minutes::zero();
        }
        $expected = $this->capacity->on($day);
        foreach ($this->absences[$day->toString()] ?? [] as $absence) {
            $expected = $expected->minus($absence->minutes ?? $expected)->notBelowZero();
        }

        return $expected;
    }

    public function within(DayRange $days): Minutes
    {
        $sum = Minutes::zero();
        foreach ($days as $day) {
            $sum = $sum->plus($this->on($day));
        }

        return $sum;
    }
}
