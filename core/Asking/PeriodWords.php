<?php

declare(strict_types=1);

namespace Moss\Core\Asking;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Calendar\RollingPeriod;

/**
 * Words that name a period: `this month`, `last quarter`, `last 6 weeks`, `so far`, days as `SpokenDaysReader` reads them, from
 * some to others (`april to june`, `between 1 may and 12 june`, `1 to 12 june`) or until today (`since april`), and `2026`.
 * Without a year they are the latest that have begun, and the others the first after them.
 */
final readonly class PeriodWords
{
    /** Each with how many words it has. */
    private const TO_DATE = ['to date' => 2, 'so far' => 2, 'all time' => 2, 'ever' => 1];

    private const JOINING = ['to', 'until', 'till', 'through', '-', '–'];

    private SpokenDaysReader $reader;

    /** @param  list<string>  $words */
    private function __construct(private array $words, private Day $today)
    {
        $this->reader = new SpokenDaysReader($words, $today);
    }

    /**
     * @param  list<string>  $words
     * @return array{string|null, DayRange|null, int}|null a rolling period or fixed days, and how many words they take; null where no period begins
     */
    public static function at(array $words, int $index, Day $today): ?array
    {
        $read = new self($words, $today);

        return $read->toDate($index) ?? $read->rolling($index) ?? $read->fixed($index);
    }

    /** @return array{'to-date', null, int}|null */
    private function toDate(int $index): ?array
    {
        foreach (self::TO_DATE as $phrase => $count) {
            if ($phrase === implode(' ', array_slice($this->words, $index, $count))) {
                return ['to-date', null, $count];
            }
        }

        return null;
    }

    /** @return array{string, null, int}|null */
    private function rolling(int $index): ?array
    {
        [$which, $second, $third] = [$this->words[$index], $this->words[$index + 1] ?? '', $this->words[$index + 2] ?? ''];
        $which = ['current' => 'this', 'past' => 'last', 'previous' => 'last', 'coming' => 'next'][$which] ?? $which;
        foreach ([[$which.'-'.$second, 2], [$which.'-'.$second.'-'.$third, 3]] as [$period, $count]) {
            if (RollingPeriod::read($period) !== null) {
                return [$period, null, $count];
            }
        }

        return null;
    }

    /** @return array{null, DayRange, int}|null */
    private function fixed(int $index): ?array
    {
        $found = $this->since($index) ?? $this->between($index) ?? $this->alone($index);

        return $found === null ? null : [null, ...$found];
    }

    /**
     * Until today.
     *
     * @return array{DayRange, int}|null
     */
    private function since(int $index): ?array
    {
        if ($this->words[$index] !== 'since') {
            return null;
        }
        $rolling = isset($this->words[$index + 1]) ? $this->rolling($index + 1) : null;
        [$days, $count] = $rolling === null ? ($this->alone($index + 1) ?? [null, 0]) : [RollingPeriod::read($rolling[0])?->on($this->today), $rolling[2]];

        return match (true) {
            $days === null => null,
            $days->first()->isAfter($this->today) => [$days, $count + 1],
            default => [DayRange::between($days->first(), $this->today), $count + 1],
        };
    }

    /** @return array{DayRange, int}|null */
    private function between(int $index): ?array
    {
        $isOpened = in_array($this->words[$index], ['from', 'between'], true);
        $at = $isOpened ? $index + 1 : $index;
        [$first, $taken] = $this->reader->at($at) ?? [null, 1];
        $joining = $this->words[$at + $taken] ?? '';
        $isJoined = in_array($joining, self::JOINING, true) || ($isOpened && $joining === 'and');
        [$last, $count] = $this->reader->at($at + $taken + ($isJoined ? 1 : 0)) ?? [null, 0];
        $number = $this->reader->number($at);
        if ($first === null && $isJoined && $number !== null) {
            $first = $last?->onDay($number);
        } elseif (! $isJoined && ! $isOpened && ($taken > 1 || $first?->year === null || $last?->year === null)) {
            // Only two days in figures stand beside each other.
            return null;
        }
        $days = $first === null || $last === null ? null : $this->fromTo($first, $last);

        return $days === null ? null : [$days, $at + $taken + ($isJoined ? 1 : 0) + $count - $index];
    }

    /** Whichever says its year says it for the other. */
    private function fromTo(SpokenDays $first, SpokenDays $last): ?DayRange
    {
        if ($first->year === null && $last->year !== null) {
            $to = $last->begunBy($this->today);
            $from = $to === null ? null : $first->begunBy($to->last());
        } else {
            $from = $first->begunBy($this->today);
            $to = $from === null ? null : $last->from($from->first());
        }
        if ($from === null || $to === null) {
            return null;
        }

        return $to->first()->isBefore($from->first()) ? DayRange::between($to->first(), $from->last()) : DayRange::between($from->first(), $to->last());
    }

    /** @return array{DayRange, int}|null */
    private function alone(int $index): ?array
    {
        [$days, $count] = $this->reader->at($index) ?? [null, 0];
        $found = $days?->begunBy($this->today);
        if ($found !== null) {
            return [$found, $count];
        }

        return preg_match('/^(19|20)\d{2}$/D', $this->words[$index] ?? '') === 1 ? [PeriodUnit::Year->days(Day::of($this->words[$index].'-01-01')), 1] : null;
    }
}
