<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** A project as it stands, for what a decision would make of it. Money is null where the reader sees none. */
final readonly class DecisionEffectProps
{
    /**
     * @param  int  $actual  approved minutes
     * @param  int  $forecast  minutes; approving does not change it, since what waits is entered already
     * @param  int|null  $actualCost  in cents, as far as rates are known
     * @param  int|null  $budget  in cents; null also where there is none
     */
    public function __construct(
        public string $code,
        public string $name,
        public int $planned,
        public int $actual,
        public int $forecast,
        public ?int $actualCost,
        public ?int $budget,
        public string $currency,
    ) {
    }
}
