<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** A statement that cannot be made; the message is a sentence for people. Nothing was settled. */
final class StatementRefused extends RuntimeException
{
    /** @param  array<string, string>  $values */
    public static function because(string $key, array $values = []): self
    {
        return new self(Wording::of('expense_statements.'.$key, $values));
    }
}
