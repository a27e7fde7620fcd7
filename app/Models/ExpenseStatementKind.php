<?php

declare(strict_types=1);

namespace App\Models;

/** What an expense statement is for: people are paid back, or a client is charged. */
enum ExpenseStatementKind: string
{
    case Reimbursement = 'reimbursement';
    case Client = 'client';

    /** What is set of expenses that have been on a statement of this kind. */
    public function mark(): string
    {
        return match ($this) {
            self::Reimbursement => 'reimbursed',
            self::Client => 'billed',
        };
    }
}
