<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** A sign-in that failed; the message is a sentence for people. */
final class SignInRefused extends RuntimeException
{
    public static function wrong(): self
    {
        return new self(Wording::of('signin.wrong'));
    }

    /** Of somebody who is signed in and confirms that it is them. */
    public static function wrongPassword(): self
    {
        return new self(Wording::of('signin.wrong_password'));
    }

    /** The password was right, but the person no longer works here or is disabled. */
    public static function ended(): self
    {
        return new self(Wording::of('signin.ended'));
    }

    public static function pause(int $seconds): self
    {
        return new self(Wording::of('signin.pause', ['seconds' => $seconds]));
    }

    /** The second factor was not entered in time. */
    public static function tooLate(): self
    {
        return new self(Wording::of('signin.too_late'));
    }
}
