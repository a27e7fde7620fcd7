<?php

declare(strict_types=1);

namespace Moss\Core\Leave;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Employment;
use Moss\Core\Time\Minutes;

/**
 * The days of one request for leave, first and last included; the first may begin at midday, the last may end at midday.
 */
final readonly class LeaveSpan
{
    /** The most days that one request may take, weekends included. */
    public const LONGEST = 366;

    private function __construct(public DayRange $days, public bool $fromMidday, public bool $untilMidday)
    {
    }

    /**
     * @throws LeaveRefused if it is too long, or nothing is left of its only day
     */
    public static function over(DayRange $days, bool $fromMidday = false, bool $untilMidday = false): self
    {
        if ($days->count() > self::LONGEST) {
            throw LeaveRefused::tooLong($days->count());
        }
        if ($days->count() === 1 && $fromMidday && $untilMidday) {
            throw LeaveRefused::empty($days->first());
        }

        return new self($days, $fromMidday, $untilMidday);
    }

    /**
     * The days on which the person would otherwise work, in order: weekends, public holidays and days outside employment are none.
     *
     * @return list<LeaveDay>
     */
    public function days(Capacity $capacity, Employment $employment): array
    {
        $days = [];
        foreach ($this->days as $day) {
            $held = $capacity->on($day);
            if ($held->isZero() || ! $employment->includes($day)) {
                continue;
            }
            $minutes = $this->isHalf($day) ? self::half($held) : null;
            $halfDays = HalfDays::of($capacity, $day, $minutes);
            if ($halfDays > 0) {
                $days[] = new LeaveDay($day, $minutes, $minutes ?? $held, $halfDays);
            }
        }

        return $days;
    }

    public function isHalf(Day $day): bool
    {
        return ($this->fromMidday && $day->equals($this->days->first())) || ($this->untilMidday && $day->equals($this->days->last()));
    }

    /** Half of a day's minutes, rounded up to the minute. */
    private static function half(Minutes $held): Minutes
    {
        return Minutes::of(intdiv($held->toInt() + 1, 2));
    }
}
