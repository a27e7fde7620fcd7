<?php

declare(strict_types=1);

namespace Moss\Core\Asking;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Calendar\RollingPeriod;

/**
 * Words that name a period: `this month`, `last quarter`, `last 6 weeks`, `so far`, `june`, `june 2026`, `q2`, `2026`,
 * `2026-06-01 to 2026-06-30`. A month or quarter without a year is the latest that has begun.
 */
final readonly class PeriodWords
{
    private const MONTHS = ['january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december'];

    /** Each with how many words it has. */
    private const TO_DATE = ['to date' => 2, 'so far' => 2, 'all time' => 2, 'ever' => 1];

    /**
     * @param  list<string>  $words
     * @return array{string|null, DayRange|null, int}|null a rolling period or fixed days, and how many words they take; null where no period begins
     */
    public static function at(array $words, int $index, Day $today): ?array
    {
        $two = $words[$index].' '.($words[$index + 1] ?? '');
        foreach (self::TO_DATE as $phrase => $count) {
            if ($phrase === ($count === 1 ? $words[$index] : $two)) {
                return ['to-date', null, $count];
            }
        }

        return self::rolling($words, $index) ?? self::between($words, $index) ?? self::named($words, $index, $today);
    }

    /**
     * @param  list<string>  $words
     * @return array{string, null, int}|null
     */
    private static function rolling(array $words, int $index): ?array
    {
        [$which, $second, $third] = [$words[$index], $words[$index + 1] ?? '', $words[$index + 2] ?? ''];
        $which = ['current' => 'this', 'past' => 'last', 'previous' => 'last', 'coming' => 'next'][$which] ?? $which;
        foreach ([[$which.'-'.$second, 2], [$which.'-'.$second.'-'.$third, 3]] as [$period, $count]) {
            if (RollingPeriod::read($period) !== null) {
                return [$period, null, $count];
            }
        }

        return null;
    }

    /**
     * Two days, with a word or two around them.
     *
     * @param  list<string>  $words
     * @return array{null, DayRange, int}|null
     */
    private static function between(array $words, int $index): ?array
    {
        $at = in_array($words[$index], ['from', 'between'], true) ? $index + 1 : $index;
        $first = self::day($words[$at] ?? '');
        $joined = in_array($words[$at + 1] ?? '', ['to', 'until', 'till', 'and', '-', '–'], true) ? 1 : 0;
        $last = self::day($words[$at + 1 + $joined] ?? '');

        return $first === null || $last === null ? null
            : [null, $last->isBefore($first) ? DayRange::between($last, $first) : DayRange::between($first, $last), $at + 2 + $joined - $index];
    }

    /**
     * @param  list<string>  $words
     * @return array{null, DayRange, int}|null
     */
    private static function named(array $words, int $index, Day $today): ?array
    {
        $word = $words[$index];
        $year = preg_match('/^(19|20)\d{2}$/D', $words[$index + 1] ?? '') === 1 ? (int) $words[$index + 1] : null;
        $count = $year === null ? 1 : 2;
        if (preg_match('/^q([1-4])$/D', $word, $found) === 1) {
            return [null, self::latest(PeriodUnit::Quarter, (int) $found[1] * 3 - 2, $year, $today), $count];
        }
        foreach (self::MONTHS as $number => $name) {
            // `may` and `mar` are words and names too; a month of three letters wants a year.
            if ($word === $name || ($year !== null && $word === substr($name, 0, 3))) {
                return [null, self::latest(PeriodUnit::Month, $number + 1, $year, $today), $count];
            }
        }
        if (preg_match('/^(\d{4})-(0[1-9]|1[0-2])$/D', $word) === 1) {
            return [null, PeriodUnit::Month->days(Day::of($word.'-01')), 1];
        }

        return preg_match('/^(19|20)\d{2}$/D', $word) === 1 ? [null, PeriodUnit::Year->days(Day::of($word.'-01-01')), 1] : null;
    }

    private static function latest(PeriodUnit $unit, int $month, ?int $year, Day $today): DayRange
    {
        $first = Day::of(sprintf('%04d-%02d-01', $year ?? $today->year(), $month));

        return $unit->days($year === null && $first->isAfter($today) ? Day::of(sprintf('%04d-%02d-01', $today->year() - 1, $month)) : $first);
    }

    private static function day(string $word): ?Day
    {
        try {
            return preg_match('/^\d{4}-\d{2}-\d{2}$/D', $word) === 1 ? Day::of($word) : null;
        } catch (NotADay) {
            return null;
        }
    }
}
