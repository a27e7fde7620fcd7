<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMoney;
use Moss\Core\Money\Money;

/**
 * An expense in a statement.
 *
 * @property int $id
 * @property int $expense_statement_id
 * @property ExpenseStatementKind $kind
 * @property int $expense_id
 * @property Money $amount_cents
 */
final class ExpenseStatementLine extends Model
{
    protected $table = 'expense_statement_lines';

    public $timestamps = false;

    protected $fillable = ['expense_statement_id', 'kind', 'expense_id', 'amount_cents'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => ExpenseStatementKind::class, 'amount_cents' => AsMoney::class];
    }
}
