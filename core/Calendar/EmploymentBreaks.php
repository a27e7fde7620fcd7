<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * The days between two stretches of employment, as text: `2026-03-01/2026-05-31 2027-01-01/2027-02-28`, first and last included, in order
 * and apart from each other.
 */
final readonly class EmploymentBreaks
{
    /** @param  list<DayRange>  $breaks */
    private function __construct(private array $breaks)
    {
    }

    /** @throws NotEmploymentBreaks if the text is none, a break is reversed, or two meet */
    public static function of(string $text): self
    {
        $breaks = [];
        foreach (preg_split('/\s+/', trim($text), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $days = explode('/', $part);
            try {
                $breaks[] = DayRange::between(Day::of($days[0]), Day::of(count($days) === 2 ? $days[1] : ''));
            } catch (NotADay|RangeReversed) {
                throw NotEmploymentBreaks::text($text);
            }
        }

        return self::between($breaks);
    }

    /**
     * @param  list<DayRange>  $breaks
     *
     * @throws NotEmploymentBreaks if two meet
     */
    public static function between(array $breaks): self
    {
        usort($breaks, static fn (DayRange $one, DayRange $other): int => $one->first()->toString() <=> $other->first()->toString());
        foreach ($breaks as $index => $break) {
            if ($index > 0 && ! $breaks[$index - 1]->last()->plusDays(1)->isBefore($break->first())) {
                throw NotEmploymentBreaks::text($break->first()->toString());
            }
        }

        return new self($breaks);
    }

    /** @return list<DayRange> in order */
    public function ranges(): array
    {
        return $this->breaks;
    }

    /** Whether every break has employment before and after it. */
    public function areWithin(?Day $startsOn, ?Day $endsOn): bool
    {
        $first = $this->breaks[0] ?? null;
        $last = $this->breaks[count($this->breaks) - 1] ?? null;

        return $first === null || $last === null
            || (($startsOn === null || $startsOn->isBefore($first->first())) && ($endsOn === null || $endsOn->isAfter($last->last())));
    }

    public function toString(): string
    {
        return implode(' ', array_map(static fn (DayRange $break): string => $break->first()->toString().'/'.$break->last()->toString(), $this->breaks));
    }
}
