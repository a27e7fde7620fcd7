<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\Minutes;

/**
 * The minutes that are worked on each weekday, Monday first; each 0 to 24:00.
 */
final readonly class WorkPattern
{
    /** @param  list<Minutes>  $weekdays  seven, Monday first */
    private function __construct(private array $weekdays)
    {
    }

    /**
     * @param  string  $text  seven hours texts separated by spaces, `8 8 8 8 6 0 0`
     *
     * @throws NotAWorkPattern
     * @throws \Moss\Core\Time\HoursTextRefused
     */
    public static function of(string $text): self
    {
        $parts = preg_split('/\s+/', trim($text));
        if ($parts === false || count($parts) !== 7) {
            throw NotAWorkPattern::text($text);
        }

        return new self(array_map(HoursText::onDay(...), $parts));
    }

    public static function standard(): self
    {
        return self::of('8 8 8 8 8 0 0');
    }

    public function on(Day $day): Minutes
    {
        return $this->weekdays[$day->weekday() - 1];
    }

    /** @return array<int, int> minutes by weekday, 1 for Monday to 7 for Sunday */
    public function minutesByWeekday(): array
    {
        $minutes = [];
        foreach ($this->weekdays as $index => $worked) {
            $minutes[$index + 1] = $worked->toInt();
        }

        return $minutes;
    }

    public function toString(): string
    {
        return implode(' ', array_map(HoursFormat::exact(...), $this->weekdays));
    }
}
