<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Props;

use App\Lookup\Props\OptionProps;

/** The page on which the office sets the rules. */
final readonly class HouseRulesProps
{
    /**
     * @param  list<RuleProps>  $rules
     * @param  list<OptionProps>  $teams
     * @param  list<OptionProps>  $projects  open ones
     */
    public function __construct(public array $rules, public array $teams, public array $projects, public string $today)
    {
    }
}
