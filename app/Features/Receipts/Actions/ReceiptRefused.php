<?php

declare(strict_types=1);

namespace App\Features\Receipts\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** A file that is no receipt we take; the message is a sentence for people. Nothing was kept. */
final class ReceiptRefused extends RuntimeException
{
    /** @param  array<string, string|int>  $values */
    public static function because(string $key, array $values = []): self
    {
        return new self(Wording::of('receipts.'.$key, $values));
    }
}
