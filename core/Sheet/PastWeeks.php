<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;

/**
 * What a person entered in the weeks before one, read as a suggestion for it.
 */
final readonly class PastWeeks
{
    /** How many full weeks make the usual one. */
    public const USUAL = 6;

    private const STEP = 15;

    /**
     * @param  array<string, Line>  $lines  by key, in the order of keys
     * @param  array<string, array<string, int>>  $minutes  by line key and day
     */
    private function __construct(private array $lines, private array $minutes)
    {
    }

    /** @param  iterable<TaskEntry>  $entries */
    public static function of(iterable $entries): self
    {
        $lines = [];
        $minutes = [];
        foreach ($entries as $entry) {
            $key = $entry->line->key();
            $day = $entry->day->toString();
            $lines[$key] = $entry->line;
            $minutes[$key][$day] = ($minutes[$key][$day] ?? 0) + $entry->minutes->toInt();
        }
        ksort($lines, SORT_STRING);

        return new self($lines, $minutes);
    }

    /** @return list<PastLine> what the week before had, day by day */
    public function lastWeek(Week $week): array
    {
        $before = $week->plusWeeks(-1);

        return $this->linesOf(
            $week,
            PencilSource::LastWeek,
            $before->days(),
            fn (string $line, int $weekday): int => $this->minutes[$line][$before->monday()->plusDays($weekday)->toString()] ?? 0,
        );
    }

    /**
     * The median of the last six full weeks for each line and weekday, to the nearest 15 minutes, half up; a week
     * without an entry counts as 0.
     *
     * @param  Week  $last  the last of the six
     * @return list<PastLine>
     */
    public function usualWeek(Week $week, Week $last): array
    {
        $first = $last->plusWeeks(1 - self::USUAL);

        return $this->linesOf($week, PencilSource::UsualWeek, DayRange::between($first->monday(), $last->sunday()), function (string $line, int $weekday) use ($first): int {
            $samples = [];
            for ($offset = 0; $offset < self::USUAL; $offset++) {
                $samples[] = $this->minutes[$line][$first->plusWeeks($offset)->monday()->plusDays($weekday)->toString()] ?? 0;
            }
            sort($samples);
            $twice = $samples[self::USUAL / 2 - 1] + $samples[self::USUAL / 2];

            return intdiv(max(0, $twice) + self::STEP, 2 * self::STEP) * self::STEP;
        });
    }

    /**
     * @param  callable(string, int): int  $suggested  minutes for a line key and a weekday from 0
     * @return list<PastLine>
     */
    private function linesOf(Week $week, PencilSource $source, DayRange $from, callable $suggested): array
    {
        $lines = [];
        foreach ($this->lines as $key => $line) {
            $hours = [];
            foreach ($week->days() as $weekday => $day) {
                $minutes = $suggested((string) $key, $weekday);
                if ($minutes > 0) {
                    $hours[$day->toString()] = Minutes::of($minutes);
                }
            }
            if ($hours !== []) {
                $lines[] = new PastLine($line, $source, $hours, $from);
            }
        }

        return $lines;
    }
}
