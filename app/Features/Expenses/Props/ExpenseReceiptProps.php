<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

/** A receipt of an expense. */
final readonly class ExpenseReceiptProps
{
    public function __construct(public int $id, public string $name, public bool $isPicture)
    {
    }
}
