<?php

declare(strict_types=1);

namespace App\Features\Compare\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** A comparison that cannot be saved so; the message is a sentence for people. Nothing was changed. */
final class ComparisonRefused extends RuntimeException
{
    public static function because(string $key): self
    {
        return new self(Wording::refusal($key));
    }
}
