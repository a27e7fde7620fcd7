<?php

declare(strict_types=1);

namespace App\Features\Passwords\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** A password that was not set; the message is a sentence for people. */
final class PasswordRefused extends RuntimeException
{
    public static function because(string $fault): self
    {
        return new self($fault);
    }

    public static function linkOver(): self
    {
        return new self(Wording::of('passwords.link_over'));
    }
}
