<?php

declare(strict_types=1);

namespace App\Features\Directory\Props;

/** Whom to speak to at a client. */
final readonly class ClientContactProps
{
    public function __construct(public int $id, public string $name, public string $email, public string $phone, public string $position)
    {
    }
}
