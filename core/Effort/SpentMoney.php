<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Money\Money;

/**
 * What was spent on a task besides time: what of its expenses the project bears.
 */
final readonly class SpentMoney
{
    /**
     * @param  Money  $actual  approved
     * @param  Money  $pending  entered, and not approved
     */
    public function __construct(public Money $actual, public Money $pending)
    {
    }

    public static function nothing(): self
    {
        return new self(Money::zero(), Money::zero());
    }
}
