<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use RuntimeException;

/** A decision that cannot be made; the message is a sentence for people. Nothing was decided. */
final class DecisionRefused extends RuntimeException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
