<?php

declare(strict_types=1);

namespace App\Features\Billing;

use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Money\Pricing;
use Moss\Core\Money\Rate;
use Moss\Core\Time\Minutes;

/** What a client is billed for one entry. */
final readonly class BillingPrice
{
    private function __construct(public ?Rate $rate, public ?Money $amount)
    {
    }

    /** @param  string  $day  of the entry, or which it corrects */
    public static function of(Pricing $pricing, string $person, ?string $role, string $day, int $minutes): self
    {
        $rate = $pricing->billRate($person, $role, Day::of($day));

        return new self($rate, $rate?->costOf(Minutes::of($minutes)));
    }
}
