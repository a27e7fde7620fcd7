<?php

declare(strict_types=1);

namespace App\Features\StandIns\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** A stand-in that cannot be named or ended; the message is a sentence for people. Nothing was changed. */
final class StandInRefused extends RuntimeException
{
    public static function because(string $key): self
    {
        return new self(Wording::refusal('stand_in.'.$key));
    }
}
