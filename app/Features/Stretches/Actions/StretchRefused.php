<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why nothing became of time by the clock, for people. */
final class StretchRefused extends RuntimeException
{
    public static function because(string $key): self
    {
        return new self(Wording::of('week.stretch.'.$key));
    }

    public static function saying(string $sentence): self
    {
        return new self($sentence);
    }
}
