<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

/** How much was entered up to a day. */
final readonly class RunningSum
{
    /**
     * @param  list<string>  $days  `YYYY-MM-DD`, those with entries, in order
     * @param  list<int>  $sums  minutes up to each of them
     */
    private function __construct(private array $days, private array $sums)
    {
    }

    /** @param  list<RecordedEffort>  $entries */
    public static function of(array $entries): self
    {
        $byDay = [];
        foreach ($entries as $entry) {
            $day = $entry->day->toString();
            $byDay[$day] = ($byDay[$day] ?? 0) + $entry->minutes->toInt();
        }
        ksort($byDay, SORT_STRING);
        [$sums, $sum] = [[], 0];
        foreach ($byDay as $minutes) {
            $sums[] = $sum += $minutes;
        }

        return new self(array_map(strval(...), array_keys($byDay)), $sums);
    }

    /** @return int minutes at the end of the day, `YYYY-MM-DD` */
    public function upTo(string $day): int
    {
        // The last of the days that is not after it, by halves.
        [$low, $high] = [0, count($this->days)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->days[$middle] <= $day) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low > 0 ? $this->sums[$low - 1] ?? 0 : 0;
    }
}
