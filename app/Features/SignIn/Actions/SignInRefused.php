<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use RuntimeException;

/** A sign-in that failed; the message is a sentence for people. */
final class SignInRefused extends RuntimeException
{
    public static function wrong(): self
    {
        return new self((string) __('signin.wrong'));
    }

    /** The password was right, but the person no longer works here or is disabled. */
    public static function ended(): self
    {
        return new self((string) __('signin.ended'));
    }

    public static function pause(int $seconds): self
    {
        return new self((string) __('signin.pause', ['seconds' => $seconds]));
    }
}
