<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

use Moss\Core\Leave\LeaveBalance;

/** How a person stands with a kind of absence in a year, in half days. */
final readonly class LeaveBalanceProps
{
    public function __construct(
        public string $kind,
        public int $year,
        public int $allowance,
        public int $carriedOver,
        public int $approved,
        public int $requested,
        public int $left,
    ) {
    }

    public static function of(string $kind, LeaveBalance $balance): self
    {
        return new self($kind, $balance->year, $balance->allowance, $balance->carriedOver, $balance->approved, $balance->requested, $balance->left());
    }
}
