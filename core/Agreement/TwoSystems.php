<?php

declare(strict_types=1);

namespace Moss\Core\Agreement;

/** One person's days in two systems, set beside each other. */
final readonly class TwoSystems
{
    /**
     * @param  array<string, array<array-key, int>>  $here  minutes by day and charge code
     * @param  array<string, array<array-key, int>>  $there  likewise
     * @param  bool  $byCode  whether the other system tells charge codes apart
     * @return list<ComparedDay> every day on which either has something, in order
     */
    public static function compare(array $here, array $there, bool $byCode): array
    {
        $days = [];
        foreach (array_unique([...array_keys($here), ...array_keys($there)]) as $date) {
            [$ours, $theirs] = [$here[$date] ?? [], $there[$date] ?? []];
            $codes = [];
            foreach ($byCode ? array_keys($ours + $theirs) : [] as $code) {
                $codes[$code] = [$ours[$code] ?? 0, $theirs[$code] ?? 0];
            }
            ksort($codes);
            $day = new ComparedDay($date, array_sum($ours), array_sum($theirs), $codes);
            if ($day->here !== 0 || $day->there !== 0 || ! $day->agrees()) {
                $days[$date] = $day;
            }
        }
        ksort($days);

        return array_values($days);
    }
}
