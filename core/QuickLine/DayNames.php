<?php

declare(strict_types=1);

namespace Moss\Core\QuickLine;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\Week;

/**
 * Words that name days: `tue`, `tuesday`, `mon-wed`, `mon,wed`, `mon, tue and wed`, `weekdays`, `today`, `yesterday`, `tomorrow`,
 * `last tuesday`, `17jun`, `17 jun`, `17/6`, `17.6.`, `2026-06-17`.
 *
 * Names of days mean the days of one week, `weekdays` its first five; after `last`, `this` or `next` they mean the week before today's,
 * today's or the one after it. A date without a year means the day of that week that has it, whichever of its figures is the month.
 */
final readonly class DayNames
{
    /** Every way to write a weekday in English that is in use; `sun` and `mon` stand before any task's name. */
    private const WEEKDAYS = [
        'mon' => 0, 'monday' => 0, 'tue' => 1, 'tues' => 1, 'tuesday' => 1, 'wed' => 2, 'weds' => 2, 'wednesday' => 2,
        'thu' => 3, 'thur' => 3, 'thurs' => 3, 'thursday' => 3, 'fri' => 4, 'friday' => 4, 'sat' => 5, 'saturday' => 5, 'sun' => 6, 'sunday' => 6,
    ];

    /** How many weeks after that of today. */
    private const WEEKS = ['last' => -1, 'this' => 0, 'next' => 1];

    private const WORKING_DAYS = 5;

    private const MONTHS = '(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*';

    private const MONTH_NUMBERS = ['jan' => 1, 'feb' => 2, 'mar' => 3, 'apr' => 4, 'may' => 5, 'jun' => 6, 'jul' => 7, 'aug' => 8, 'sep' => 9, 'oct' => 10, 'nov' => 11, 'dec' => 12];

    /**
     * @param  list<string>  $tokens
     * @return array{list<Day>, list<string>} the days in order, each once, and the words that name none
     *
     * @throws QuickRefused
     */
    public static function take(array $tokens, Week $week, Day $today): array
    {
        $days = [];
        $words = [];
        for ($index = 0; $index < count($tokens); $index++) {
            $written = $tokens[$index];
            $named = self::named(rtrim($written, ','), $week, $today);
            if ($named === null && isset($tokens[$index + 1])) {
                $named = self::inTwoWords($written, rtrim($tokens[$index + 1], ','), $week, $today);
                $written .= $named === null ? '' : ' '.$tokens[++$index];
            }
            if ($named === null) {
                // `and` between days joins them.
                $joins = $days !== [] && strtolower($tokens[$index]) === 'and' && self::named(rtrim($tokens[$index + 1] ?? '', ','), $week, $today) !== null;
                $words = $joins ? $words : [...$words, $tokens[$index]];

                continue;
            }
            foreach ($named as $day) {
                if (! $week->days()->includes($day)) {
                    throw QuickRefused::because(QuickFault::NotInWeek, rtrim($written, ','));
                }
                $days[$day->toString()] = $day;
            }
        }
        ksort($days);

        return [array_values($days), $words];
    }

    /** @return list<Day>|null null where the word names no day */
    private static function named(string $word, Week $week, Day $today): ?array
    {
        $lower = strtolower($word);
        $after = ['yesterday' => -1, 'today' => 0, 'tomorrow' => 1][$lower] ?? null;
        if ($after !== null) {
            return [$today->plusDays($after)];
        }
        if ($lower === 'weekdays') {
            return array_map($week->monday()->plusDays(...), range(0, self::WORKING_DAYS - 1));
        }
        $days = [];
        foreach (explode(',', $lower) as $part) {
            $ends = preg_split('/-|–|\.\./u', $part) ?: [];
            if (count($ends) > 2 || array_diff_key(array_flip($ends), self::WEEKDAYS) !== []) {
                return self::dated($lower, $week);
            }
            $first = self::WEEKDAYS[$ends[0]];
            $last = self::WEEKDAYS[$ends[1] ?? $ends[0]];
            if ($last < $first) {
                throw QuickRefused::because(QuickFault::DaysReversed, $word);
            }
            for ($weekday = $first; $weekday <= $last; $weekday++) {
                $days[] = $week->monday()->plusDays($weekday);
            }
        }

        return $days;
    }

    /** @return list<Day>|null */
    private static function inTwoWords(string $first, string $second, Week $week, Day $today): ?array
    {
        $weeks = self::WEEKS[strtolower($first)] ?? null;
        $weekday = self::WEEKDAYS[strtolower($second)] ?? null;
        if ($weeks !== null && $weekday !== null) {
            return [Week::containing($today)->plusWeeks($weeks)->monday()->plusDays($weekday)];
        }

        return preg_match('/^\d{1,2}$/D', $first) === 1 ? self::dated($first.$second, $week) : null;
    }

    /** @return list<Day>|null */
    private static function dated(string $word, Week $week): ?array
    {
        $lower = strtolower($word);
        try {
            if (preg_match('/^\d{4}-\d{2}-\d{2}$/D', $lower) === 1) {
                return [Day::of($lower)];
            }
            if (preg_match('/^(\d{1,2})'.self::MONTHS.'$/D', $lower, $found) === 1) {
                return [self::inYearOf($week, self::MONTH_NUMBERS[$found[2]], (int) $found[1])];
            }
            if (preg_match('~^(\d{1,2})(?:/(\d{1,2})|\.(\d{1,2})\.)$~D', $lower, $found, PREG_UNMATCHED_AS_NULL) === 1) {
                return self::inFigures($week, (int) $found[1], (int) ($found[2] ?? $found[3]));
            }
        } catch (NotADay) {
            return null;
        }

        return null;
    }

    /** @return list<Day>|null null where no day of the week is written so: it may be the number of something */
    private static function inFigures(Week $week, int $one, int $other): ?array
    {
        foreach ($week->days() as $day) {
            [$month, $number] = [(int) substr($day->toString(), 5, 2), (int) substr($day->toString(), 8, 2)];
            if (($number === $one && $month === $other) || ($number === $other && $month === $one)) {
                return [$day];
            }
        }

        return null;
    }

    /** @throws NotADay */
    private static function inYearOf(Week $week, int $month, int $day): Day
    {
        // A week around New Year has days of two years.
        $year = $month === 12 ? $week->monday()->year() : $week->sunday()->year();

        return Day::of(sprintf('%04d-%02d-%02d', $year, $month, $day));
    }
}
