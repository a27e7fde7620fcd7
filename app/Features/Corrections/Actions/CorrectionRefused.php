<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** A correction that cannot be proposed or decided; the message is a sentence for people. Nothing was changed. */
final class CorrectionRefused extends RuntimeException
{
    /** @param  array<string, string|int>  $parameters */
    public static function because(string $key, array $parameters = []): self
    {
        return new self(Wording::refusal('correction.'.$key, $parameters));
    }

    public static function saying(string $sentence): self
    {
        return new self($sentence);
    }
}
