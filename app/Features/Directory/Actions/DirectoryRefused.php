<?php

declare(strict_types=1);

namespace App\Features\Directory\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why something of the directory stays as it is. */
final class DirectoryRefused extends RuntimeException
{
    public static function taken(): self
    {
        return new self(Wording::of('organisation.entry_code_taken'));
    }

    public static function used(string $name): self
    {
        return new self(Wording::of('organisation.entry_used', ['name' => $name]));
    }
}
