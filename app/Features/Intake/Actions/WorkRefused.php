<?php

declare(strict_types=1);

namespace App\Features\Intake\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why a request for work cannot be made or decided. Nothing was changed. */
final class WorkRefused extends RuntimeException
{
    /** @param  array<string, string|int>  $values */
    public static function because(string $key, array $values = []): self
    {
        return new self(Wording::of('intake.'.$key, $values));
    }
}
