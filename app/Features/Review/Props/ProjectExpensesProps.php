<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** What a project bears of some expenses, in cents. */
final readonly class ProjectExpensesProps
{
    public function __construct(public string $project, public int $cents)
    {
    }
}
