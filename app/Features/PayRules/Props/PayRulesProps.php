<?php

declare(strict_types=1);

namespace App\Features\PayRules\Props;

/** The pay rules and premiums of the organisation. */
final readonly class PayRulesProps
{
    /**
     * @param  list<PayRuleProps>  $rules  everybody's first, then teams' and people's
     * @param  int|null  $opened  the one that is being changed
     * @param  list<PayPremiumProps>  $premiums
     * @param  string|null  $openedPremium  the code of the one that is being changed
     */
    public function __construct(public array $rules, public ?int $opened, public array $premiums, public ?string $openedPremium)
    {
    }
}
