<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Somebody whom the identity provider knows, but who is nobody here; the message is a sentence for people. */
final class IdentityRefused extends RuntimeException
{
    public static function unverified(): self
    {
        return new self(Wording::of('signin.sso_unverified', ['name' => config()->string('single_sign_on.name')]));
    }

    public static function unknown(string $email): self
    {
        return new self(Wording::of('signin.sso_unknown', ['email' => $email]));
    }
}
