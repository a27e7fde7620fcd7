<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** What approving some expenses adds to the cost of a project, in cents. */
final readonly class ProjectExpensesProps
{
    public function __construct(public string $project, public int $cents)
    {
    }
}
