<?php

declare(strict_types=1);

namespace Moss\Core\Money;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Prices time: a person's time in the given role, else in their usual one; a team's at its role's rate.
 */
final readonly class Pricing
{
    /** @param  array<string, string|null>  $usualRoles  role code by person code */
    private function __construct(private RateCard $card, private array $usualRoles, private ?Rate $flat, private bool $hasRates)
    {
    }

    /**
     * @param  array<string, string|null>  $usualRoles  role code by person code
     * @param  bool|null  $hasRates  whether the organisation has any, where the card holds only some of them
     */
    public static function from(RateCard $card, array $usualRoles, ?bool $hasRates = null): self
    {
        return new self($card, $usualRoles, null, $hasRates ?? ! $card->isEmpty());
    }

    /** Every hour counts as 1.00: the same sums in hours, for an organisation without rates. */
    public static function inHours(): self
    {
        return new self(RateCard::of([]), [], Rate::of('1'), false);
    }

    public function hasRates(): bool
    {
        return $this->hasRates;
    }

    /**
     * @param  string|null  $person  null for a team's time
     * @param  int|null  $costed  hundredths of minutes as which they cost, where kinds of pay say so; null where each costs one
     */
    public function cost(?string $person, ?string $role, Day $on, Minutes $minutes, ?int $costed = null): Cost
    {
        $rate = $this->costRate($person, $role, $on);
        if ($rate === null) {
            return Cost::unknown($minutes);
        }

        return Cost::known($costed === null ? $rate->costOf($minutes) : $rate->costOfHundredths($costed));
    }

    /**
     * What an hour costs; null where no rate is known.
     *
     * @param  string|null  $person  null for a team's time
     */
    public function costRate(?string $person, ?string $role, Day $on): ?Rate
    {
        return $this->flat ?? $this->rateInForce($person, $role, $on)?->cost;
    }

    /** Non-billable time bills 0, also where no rate is known. */
    public function bill(string $person, ?string $role, Day $on, Minutes $minutes, bool $billable): Cost
    {
        if (! $billable) {
            return Cost::nothing();
        }
        $rate = $this->billRate($person, $role, $on);

        return $rate === null ? Cost::unknown($minutes) : Cost::known($rate->costOf($minutes));
    }

    /** What a billable hour brings in; null where no bill rate is known. */
    public function billRate(string $person, ?string $role, Day $on): ?Rate
    {
        return $this->rateInForce($person, $role, $on)?->bill;
    }

    /**
     * What an hour costs and brings in; null where neither is known.
     *
     * @param  string|null  $person  null for a team's time
     */
    public function rateInForce(?string $person, ?string $role, Day $on): ?DatedRate
    {
        $usual = $person === null ? null : $this->usualRoles[$person] ?? null;

        return $this->card->inForce($person, $role ?? $usual, $on);
    }

    /** Which stretch between changes of rates a day lies in: on days of the same, time in the same role costs and brings in the same. */
    public function stretchOf(Day $day): int
    {
        return $this->card->stretchOf($day);
    }
}
