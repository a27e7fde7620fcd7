<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Features\Review\Props\WaitingExpensesProps;

/** The oldest expenses that wait for somebody, how many there are in all, and how many of those need attention. */
final readonly class DeskExpenses
{
    /** @param  list<WaitingExpensesProps>  $oldest */
    public function __construct(public array $oldest = [], public int $count = 0, public int $needingAttention = 0)
    {
    }
}
