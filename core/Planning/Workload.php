<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Time\Minutes;

/** The load of a person over some days, past and to come. */
final readonly class Workload
{
    /** @param  list<WorkloadDay>  $days  in order */
    private function __construct(public array $days)
    {
    }

    /**
     * @param  array<string, int>  $planned  minutes by `YYYY-MM-DD`
     * @param  array<string, int>  $entered  minutes by `YYYY-MM-DD`, in any state
     */
    public static function of(DayRange $range, ExpectedHours $expected, array $planned, array $entered, Day $today): self
    {
        $days = [];
        foreach ($range as $day) {
            $text = $day->toString();
            $days[] = new WorkloadDay($day, $expected->on($day), Minutes::of($planned[$text] ?? 0), Minutes::of($entered[$text] ?? 0), $today->daysUntil($day));
        }

        return new self($days);
    }

    /** The part of it that falls in a range. */
    public function within(DayRange $range): self
    {
        return new self(array_values(array_filter($this->days, static fn (WorkloadDay $day): bool => $range->includes($day->day))));
    }

    public function expected(): Minutes
    {
        return $this->sum(static fn (WorkloadDay $day): Minutes => $day->expected);
    }

    public function planned(): Minutes
    {
        return $this->sum(static fn (WorkloadDay $day): Minutes => $day->planned);
    }

    public function entered(): Minutes
    {
        return $this->sum(static fn (WorkloadDay $day): Minutes => $day->entered);
    }

    public function load(): Minutes
    {
        return $this->sum(static fn (WorkloadDay $day): Minutes => $day->load());
    }

    /** By how much days together exceed what they ask; a long day is made up for by a short one. */
    public function over(): Minutes
    {
        return $this->load()->minus($this->expected())->notBelowZero();
    }

    /** What is free on the days to come, each for itself. */
    public function free(): Minutes
    {
        return $this->sum(static fn (WorkloadDay $day): Minutes => $day->free());
    }

    /** @return list<WorkloadDay> days on which the load exceeds what is expected */
    public function daysOver(): array
    {
        return array_values(array_filter($this->days, static fn (WorkloadDay $day): bool => ! $day->over()->isZero()));
    }

    /** The first day by which so much is free; null where it never is. */
    public function freeBy(Minutes $needed): ?Day
    {
        $free = 0;
        foreach ($this->days as $day) {
            $free += $day->free()->toInt();
            if ($free >= $needed->toInt()) {
                return $day->day;
            }
        }

        return null;
    }

    /** @param  callable(WorkloadDay): Minutes  $figure */
    private function sum(callable $figure): Minutes
    {
        return Minutes::sum(array_map($figure, $this->days));
    }
}
