<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Time\Minutes;

/**
 * What is planned for a person on each day against their expected hours.
 */
final readonly class Load
{
    /**
     * @param  array<string, Minutes>  $planned  by `YYYY-MM-DD`
     */
    private function __construct(private DayRange $days, private array $planned, private ExpectedHours $expected)
    {
    }

    /**
     * @param  iterable<Assignment>  $assignments  of one person, on any project; those of tasks that are done left out
     * @param  Capacity  $capacity  of the person's days
     */
    public static function over(DayRange $days, iterable $assignments, Capacity $capacity, ExpectedHours $expected): self
    {
        $planned = [];
        foreach ($assignments as $assignment) {
            foreach ($assignment->spread($capacity)->byDay() as $date => $minutes) {
                $planned[$date] = ($planned[$date] ?? Minutes::zero())->plus($minutes);
            }
        }

        return new self($days, $planned, $expected);
    }

    public function planned(): Minutes
    {
        return Minutes::sum(array_map(static fn (LoadedDay $day): Minutes => $day->planned, $this->byDay()));
    }

    public function expected(): Minutes
    {
        return $this->expected->within($this->days);
    }

    /** @return list<LoadedDay> every day, in order */
    public function byDay(): array
    {
        $days = [];
        foreach ($this->days as $day) {
            $days[] = new LoadedDay($day, $this->planned[$day->toString()] ?? Minutes::zero(), $this->expected->on($day));
        }

        return $days;
    }

    /** @return list<LoadedDay> days on which more is planned than expected, in order */
    public function daysOver(): array
    {
        return array_values(array_filter($this->byDay(), static fn (LoadedDay $day): bool => ! $day->over()->isZero()));
    }
}
