<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn;

use RuntimeException;
use Throwable;

/** The identity provider did not answer, or not as it has to. The message is for operators, and holds nothing secret. */
final class ProviderFailed extends RuntimeException
{
    public static function because(string $reason, ?Throwable $cause = null): self
    {
        return new self("Single sign-on: $reason", previous: $cause);
    }
}
