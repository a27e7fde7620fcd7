<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\Minutes;

/**
 * The minutes that are worked on each weekday, Monday first, each 0 to 24:00; and from which days on they are others.
 */
final readonly class WorkPattern
{
    /**
     * @param  list<Minutes>  $weekdays  seven, Monday first
     * @param  Day|null  $until  the day from which the next holds; null where this one does not end
     */
    private function __construct(private array $weekdays, private ?Day $until = null, private ?self $next = null)
    {
    }

    /**
     * @param  string  $text  seven hours texts separated by spaces, `8 8 8 8 6 0 0`; where they change, each change with its first
     *                        day in order: `8 8 8 8 8 0 0 from 2026-07-01 6 6 6 6 0 0 0`
     *
     * @throws NotAWorkPattern
     * @throws \Moss\Core\Time\HoursTextRefused
     */
    public static function of(string $text): self
    {
        $pattern = null;
        $until = null;
        foreach (array_reverse(preg_split('/\bfrom\b/', trim($text)) ?: []) as $index => $part) {
            $words = preg_split('/\s+/', trim($part)) ?: [];
            $isFirst = $index === substr_count($text, 'from');
            try {
                $from = $isFirst ? null : Day::of((string) array_shift($words));
            } catch (NotADay) {
                throw NotAWorkPattern::text($text);
            }
            if (count($words) !== 7 || ($from !== null && $until !== null && ! $from->isBefore($until))) {
                throw NotAWorkPattern::text($text);
            }
            $pattern = new self(array_map(HoursText::onDay(...), $words), $until, $pattern);
            $until = $from;
        }

        return $pattern ?? throw NotAWorkPattern::text($text);
    }

    public static function standard(): self
    {
        return self::of('8 8 8 8 8 0 0');
    }

    /**
     * The same until the day, another from then on; whatever was to change later is dropped.
     *
     * @param  self  $other  without changes of its own
     */
    public function from(Day $day, self $other): self
    {
        if ($this->until === null || $this->next === null || ! $this->until->isBefore($day)) {
            return new self($this->weekdays, $day, $other);
        }

        return new self($this->weekdays, $this->until, $this->next->from($day, $other));
    }

    /** What holds on a day, as if it never changed. */
    public function heldOn(Day $day): self
    {
        return $this->next !== null && $this->until !== null && ! $day->isBefore($this->until) ? $this->next->heldOn($day) : new self($this->weekdays);
    }

    public function on(Day $day): Minutes
    {
        return $this->next !== null && $this->until !== null && ! $day->isBefore($this->until)
            ? $this->next->on($day)
            : $this->weekdays[$day->weekday() - 1];
    }

    /**
     * What holds from which day on, in order.
     *
     * @return non-empty-array<string, array<int, int>> minutes by weekday, 1 for Monday to 7 for Sunday, by `YYYY-MM-DD`; the first by an empty text
     */
    public function byFirstDay(): array
    {
        $held = [];
        $from = '';
        for ($pattern = $this; $pattern !== null; $pattern = $pattern->next) {
            $minutes = [];
            foreach ($pattern->weekdays as $index => $worked) {
                $minutes[$index + 1] = $worked->toInt();
            }
            $held[$from] = $minutes;
            $from = $pattern->until?->toString() ?? '';
        }

        return $held;
    }

    public function toString(): string
    {
        $weekdays = implode(' ', array_map(HoursFormat::exact(...), $this->weekdays));

        return $this->next === null || $this->until === null ? $weekdays : $weekdays.' from '.$this->until->toString().' '.$this->next->toString();
    }
}
