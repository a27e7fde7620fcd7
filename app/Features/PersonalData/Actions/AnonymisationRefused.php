<?php

declare(strict_types=1);

namespace App\Features\PersonalData\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why somebody's data still say who they are. Nothing was changed. */
final class AnonymisationRefused extends RuntimeException
{
    public static function because(string $key): self
    {
        return new self(Wording::of('personal.'.$key));
    }
}
