<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use RuntimeException;

/** A line that cannot be added or removed; the message is a sentence for people. Nothing was changed. */
final class LineRefused extends RuntimeException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
