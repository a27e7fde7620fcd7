<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** A period that cannot be closed or reopened; the message is a sentence for people. Nothing was changed. */
final class PeriodRefused extends RuntimeException
{
    /** @param  array<string, string|int>  $parameters */
    public static function because(string $key, array $parameters = []): self
    {
        return new self(Wording::refusal('period.'.$key, $parameters));
    }
}
