<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

/**
 * For what the limit of a category holds: each expense, or all of a person on a day.
 */
enum LimitPer: string
{
    case Expense = 'expense';
    case Day = 'day';
}
