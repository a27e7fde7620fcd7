<?php

declare(strict_types=1);

namespace App\Features\Expenses\Actions;

use RuntimeException;

/** An expense that cannot be stored, submitted or corrected so; the message is a sentence for people. Nothing was changed. */
final class ExpenseRefused extends RuntimeException
{
    private function __construct(public readonly string $field, string $sentence)
    {
        parent::__construct($sentence);
    }

    /** @param  string  $field  of the form, or `expense` for all of it */
    public static function because(string $sentence, string $field = 'expense'): self
    {
        return new self($field, $sentence);
    }
}
