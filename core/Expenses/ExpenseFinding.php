<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;
use Moss\Core\Money\Money;

/**
 * What a house rule has found in an expense.
 */
final readonly class ExpenseFinding
{
    /** @param  array<string, Money|Day|int|string>  $values  by the name that the wording uses */
    public function __construct(public int $expense, public RuleCode $rule, public Severity $severity, public array $values)
    {
    }
}
