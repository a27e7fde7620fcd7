<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** A part of the expenses. */
final readonly class ExpenseList
{
    /**
     * @param  list<Expense>  $data
     * @param  string|null  $next  the cursor of the next part; null at the end
     */
    public function __construct(public array $data, public ?string $next)
    {
    }
}
