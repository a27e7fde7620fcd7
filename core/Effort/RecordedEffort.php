<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Money\Pricing;
use Moss\Core\Sheet\Entry;
use Moss\Core\Time\Minutes;

/**
 * Minutes that a person recorded on a task, with what they cost: one entry, or entries summed up whose days no figure has
 * to tell apart. Sums add costs that were rounded for each entry.
 */
final readonly class RecordedEffort
{
    /**
     * @param  string|null  $team  the person's team
     * @param  Day  $day  of sums, any of the days
     * @param  bool  $isActual  approved or settled
     * @param  Money  $value  what it adds to the actual cost of earned value: hours, where the organisation has no rates
     */
    public function __construct(
        public string $person,
        public ?string $team,
        public Day $day,
        public Minutes $minutes,
        public bool $isActual,
        public Cost $cost,
        public Money $value,
    ) {
    }

    public static function priced(Entry $entry, Pricing $pricing): self
    {
        $cost = $pricing->cost($entry->person, $entry->role, $entry->day, $entry->minutes, $entry->costed);

        return new self(
            $entry->person,
            $entry->team,
            $entry->day,
            $entry->minutes,
            $entry->state->isActual(),
            $cost,
            $pricing->hasRates() ? $cost->known : Pricing::inHours()->cost(null, null, $entry->day, $entry->minutes)->known,
        );
    }

    /** Where only the minutes matter. */
    public static function unpriced(string $person, ?string $team, Day $day, Minutes $minutes): self
    {
        return new self($person, $team, $day, $minutes, false, Cost::unknown($minutes), Money::zero());
    }
}
