<?php

declare(strict_types=1);

namespace Moss\Core\Receipts;

use Moss\Core\Calendar\Day;

/**
 * Which receipts seem to belong to one trip: those whose days follow each other without more than two days between, at least three of
 * them, on more than one day.
 */
final readonly class TripGuess
{
    private const FEWEST = 3;

    private const LONGEST_GAP = 3;

    /**
     * @param  array<int, Day>  $days  by receipt
     * @return list<non-empty-list<int>> the receipts of each trip, by day
     */
    public static function of(array $days): array
    {
        uasort($days, static fn (Day $one, Day $other): int => $other->daysUntil($one));
        $trips = [];
        $trip = [];
        foreach ($days as $receipt => $day) {
            if ($trip !== [] && $days[end($trip)]->daysUntil($day) > self::LONGEST_GAP) {
                $trips[] = $trip;
                $trip = [];
            }
            $trip[] = $receipt;
        }

        return array_values(array_filter([...$trips, $trip], static fn (array $one): bool => count($one) >= self::FEWEST && ! $days[$one[0]]->equals($days[$one[count($one) - 1]])));
    }
}
