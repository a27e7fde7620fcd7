<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** What entries come to, in one pass: all of them, and those dated up to a day. */
final readonly class RecordedSums
{
    /**
     * @param  Cost  $cost  of all of them, pending ones too
     * @param  Minutes  $minutesToDate  of those dated up to the day
     * @param  Money  $valueToDate  what those add to the actual cost of earned value
     */
    private function __construct(
        public Minutes $actual,
        public Minutes $pending,
        public Cost $actualCost,
        public Cost $cost,
        public Minutes $minutesToDate,
        public Money $valueToDate,
    ) {
    }

    /** @param  list<RecordedEffort>  $entries */
    public static function of(array $entries, Day $upTo): self
    {
        [$actual, $pending, $toDate, $valueToDate] = [0, 0, 0, 0];
        [$actualCents, $actualUnrated, $pendingCents, $pendingUnrated] = [0, 0, 0, 0];
        foreach ($entries as $entry) {
            $minutes = $entry->minutes->toInt();
            if ($entry->isActual) {
                $actual += $minutes;
                $actualCents += $entry->cost->known->cents();
                $actualUnrated += $entry->cost->unrated->toInt();
            } else {
                $pending += $minutes;
                $pendingCents += $entry->cost->known->cents();
                $pendingUnrated += $entry->cost->unrated->toInt();
            }
            if (! $entry->day->isAfter($upTo)) {
                $toDate += $minutes;
                $valueToDate += $entry->value->cents();
            }
        }
        $actualCost = self::cost($actualCents, $actualUnrated);

        return new self(
            Minutes::of($actual), Minutes::of($pending), $actualCost, $actualCost->plus(self::cost($pendingCents, $pendingUnrated)), Minutes::of($toDate), Money::ofCents($valueToDate),
        );
    }

    private static function cost(int $cents, int $unrated): Cost
    {
        return Cost::known(Money::ofCents($cents))->plus(Cost::unknown(Minutes::of($unrated)));
    }
}
