<?php

declare(strict_types=1);

namespace App\Exchange\Actions;

use App\Exchange\ExchangeText;
use RuntimeException;

/** Why files are not imported, or an import is not taken back. Nothing was changed. */
final class TransferRefused extends RuntimeException
{
    /** @param  array<string, string|int>  $values */
    public static function because(string $key, array $values = []): self
    {
        return new self(ExchangeText::get($key, $values));
    }
}
