<?php

declare(strict_types=1);

namespace Moss\Core\Money;

use Moss\Core\Calendar\Day;

/**
 * A rate on the card: for a person, a role, or a person in a role, from a day on. At least one of the two is named.
 */
final readonly class DatedRate
{
    public function __construct(
        public ?string $person,
        public ?string $role,
        public Day $from,
        public Rate $cost,
        public ?Rate $bill,
    ) {
    }
}
