<?php

declare(strict_types=1);

namespace App\Features\PayRules\Props;

use App\Lookup\Props\OptionProps;

/** A premium as the office keeps it. */
final readonly class PayPremiumProps
{
    /**
     * @param  bool  $isWork  whether its hours count towards the thresholds of rules
     * @param  list<OptionProps>  $teams  whose people may use it; without teams and people, everybody may
     * @param  list<OptionProps>  $people
     * @param  int  $costPercent  what an hour costs, of what a regular one costs
     */
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public bool $isWork,
        public bool $isActive,
        public array $teams,
        public array $people,
        public int $costPercent,
    ) {
    }
}
