<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use DomainException;
use Moss\Core\CoreError;

/**
 * A public holiday that comes every year: on a day of a month, on a weekday of a month, or so many days after Easter Sunday.
 */
final readonly class YearlyHoliday
{
    private const WEEKDAYS = ['monday' => 1, 'tuesday' => 2, 'wednesday' => 3, 'thursday' => 4, 'friday' => 5, 'saturday' => 6, 'sunday' => 7];

    private const PLACES = ['first' => 1, 'second' => 2, 'third' => 3, 'fourth' => 4];

    private function __construct(public string $name, private string $rule)
    {
    }

    /**
     * @param  string  $rule  `12-25`; `first monday 05`, `last monday 08`; `easter +39`. `first monday 02 or friday` is the first day of
     *                        the month where that is a Friday. After a day of a month, `or monday` moves one
     *                        that falls on a weekend to the Monday after it, `or observed` one on a Saturday to the Friday before and one on a Sunday to the
     *                        Monday after, `or saturday` one on a Sunday to the Saturday before; of two days in a row the second is `12-26 or tuesday`
     *
     * @throws DomainException if there is no such rule
     */
    public static function of(string $name, string $rule): self
    {
        if (preg_match('/^(\d{2}-\d{2}( or (monday|tuesday|observed|saturday))?|(first|second|third|fourth|last) ('.implode('|', array_keys(self::WEEKDAYS)).') \d{2}( or friday)?|easter [+-]\d{1,2})$/D', $rule) !== 1) {
            throw new class("No rule for a holiday: $rule") extends DomainException implements CoreError
            {
            };
        }

        return new self($name, $rule);
    }

    public function in(int $year): Day
    {
        $words = explode(' ', $this->rule);

        return match (true) {
            $words[0] === 'easter' => self::easter($year)->plusDays((int) $words[1]),
            isset($words[2]) && isset(self::WEEKDAYS[$words[1]]) => self::weekdayOf($year, (int) $words[2], self::WEEKDAYS[$words[1]], $words[0], isset($words[3])),
            default => self::moved(Day::of(sprintf('%04d-%s', $year, $words[0])), $words[2] ?? null),
        };
    }

    /**
     * Easter Sunday of the Gregorian calendar.
     *
     * Source: the "anonymous Gregorian algorithm" as given by J. Meeus, Astronomical Algorithms, chapter 8.
     */
    public static function easter(int $year): Day
    {
        $golden = $year % 19;
        [$century, $rest] = [intdiv($year, 100), $year % 100];
        $moon = (19 * $golden + $century - intdiv($century, 4) - intdiv($century - intdiv($century + 8, 25) + 1, 3) + 15) % 30;
        $sunday = (32 + 2 * ($century % 4) + 2 * intdiv($rest, 4) - $moon - $rest % 4) % 7;
        $late = intdiv($golden + 11 * $moon + 22 * $sunday, 451);
        $days = $moon + $sunday - 7 * $late + 114;

        return Day::of(sprintf('%04d-%02d-%02d', $year, intdiv($days, 31), $days % 31 + 1));
    }

    private static function weekdayOf(int $year, int $month, int $weekday, string $place, bool $isFriday): Day
    {
        $first = Day::of(sprintf('%04d-%02d-01', $year, $month));
        if ($isFriday && $first->weekday() === self::WEEKDAYS['friday']) {
            return $first;
        }
        $day = $first->plusDays(($weekday - $first->weekday() + 7) % 7);
        if ($place !== 'last') {
            return $day->plusDays(7 * (self::PLACES[$place] - 1));
        }
        while ($day->plusDays(7)->month() === $first->month()) {
            $day = $day->plusDays(7);
        }

        return $day;
    }

    /** To the Monday after a weekend; with `tuesday`, past that Monday where the holiday of the day before has moved there. */
    private static function moved(Day $day, ?string $to): Day
    {
        return $day->plusDays(match (true) {
            $to === null => 0,
            $to === 'saturday' => $day->weekday() === 7 ? -1 : 0,
            $to === 'observed' && $day->weekday() === 6 => -1,
            $day->weekday() === 6 => 2,
            $day->weekday() === 7 => $to === 'tuesday' ? 2 : 1,
            $day->weekday() === 1 && $to === 'tuesday' => 1,
            default => 0,
        });
    }
}
