<?php

declare(strict_types=1);

namespace App\Features\Timer\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why nothing became of an act on a timer, for people. */
final class TimerRefused extends RuntimeException
{
    /** @param  array<string, string>  $values */
    public static function because(string $key, array $values = []): self
    {
        return new self(Wording::of('timer.'.$key, $values));
    }

    public static function saying(string $sentence): self
    {
        return new self($sentence);
    }
}
