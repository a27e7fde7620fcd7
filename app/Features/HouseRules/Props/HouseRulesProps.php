<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Props;

/** The page on which the office sets the rules. */
final readonly class HouseRulesProps
{
    /**
     * @param  list<RuleProps>  $rules
     */
    public function __construct(public array $rules, public string $today)
    {
    }
}
