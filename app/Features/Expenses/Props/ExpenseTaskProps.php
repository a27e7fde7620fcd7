<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

/** A task that an expense may be on. */
final readonly class ExpenseTaskProps
{
    public function __construct(public int $id, public string $name, public string $project)
    {
    }
}
