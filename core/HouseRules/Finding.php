<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * What a house rule has found, where, and what that does.
 */
final readonly class Finding
{
    /** @param  array<string, Minutes|Day|int|string>  $values  by the name that the wording uses */
    public function __construct(public string $rule, public Severity $severity, public FindingPlace $place, public array $values)
    {
    }

    /** The same for the same rule at the same place, so that its explanation is found again. */
    public function key(): string
    {
        return $this->rule."\x00".$this->place->key();
    }
}
