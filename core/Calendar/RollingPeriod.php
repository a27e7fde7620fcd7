<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * A period that moves with today, in whole weeks, months, quarters or years: the current one, the one before, the one after,
 * or so many of them up to or from the current one, which is left out. Written `this-month`, `last-quarter`, `next-week`,
 * `last-6-months`, `next-2-weeks`.
 */
final readonly class RollingPeriod
{
    /** The most that are counted at once. */
    public const MOST = 60;

    private function __construct(private PeriodUnit $unit, private int $first, private int $last)
    {
    }

    /** Null where a text says no such period. */
    public static function read(string $text): ?self
    {
        if (preg_match('/^(this|last|next)-(?:([1-9]\d?)-)?(week|month|quarter|year)(s?)$/D', $text, $found) !== 1) {
            return null;
        }
        [, $which, $number, $unit, $plural] = $found;
        $count = $number === '' ? 1 : (int) $number;
        if (($number !== '') !== ($plural === 's') || $count > self::MOST || ($which === 'this' && $number !== '')) {
            return null;
        }

        return match ($which) {
            'this' => new self(PeriodUnit::from($unit), 0, 0),
            'last' => new self(PeriodUnit::from($unit), -$count, -1),
            'next' => new self(PeriodUnit::from($unit), 1, $count),
        };
    }

    /** The days that it stands for on a day. */
    public function on(Day $today): DayRange
    {
        return DayRange::between($this->unit->firstDay($today, $this->first), $this->unit->firstDay($today, $this->last + 1)->plusDays(-1));
    }
}
