<?php

declare(strict_types=1);

namespace App\Features\Billing\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why no billing file is made; the message is a sentence for people. */
final class BillingRefused extends RuntimeException
{
    /** @param  array<string, string|int>  $parameters */
    public static function because(string $key, array $parameters = []): self
    {
        return new self(Wording::of('billing.'.$key, $parameters));
    }
}
