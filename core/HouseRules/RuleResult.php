<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * What a rule has found at a place, before it is known how much it matters. Wording for people is made outside.
 */
final readonly class RuleResult
{
    /** @param  array<string, Minutes|Day|int|string>  $values  by the name that the wording uses */
    public function __construct(public FindingPlace $place, public array $values = [])
    {
    }
}
