<?php

declare(strict_types=1);

namespace App\Features\Passwords\Props;

/** The page behind a link by which somebody sets their password. */
final readonly class PasswordLinkProps
{
    /** @param  string|null  $name  null where the link is not good any more; the email address then too */
    public function __construct(public string $token, public ?string $name, public ?string $email)
    {
    }
}
