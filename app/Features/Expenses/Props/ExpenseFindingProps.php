<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

use Moss\Core\HouseRules\Severity;

/** What a house rule found in an expense, and what would cure it. */
final readonly class ExpenseFindingProps
{
    public function __construct(public Severity $severity, public string $what, public string $cure)
    {
    }
}
