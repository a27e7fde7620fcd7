<?php

declare(strict_types=1);

namespace App\Features\SecondFactor\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** A code that was not accepted; the message is a sentence for people. */
final class FactorRefused extends RuntimeException
{
    public static function wrong(): self
    {
        return new self(Wording::of('signin.factor_wrong'));
    }

    public static function pause(int $seconds): self
    {
        return new self(Wording::of('signin.pause', ['seconds' => max(1, $seconds)]));
    }
}
