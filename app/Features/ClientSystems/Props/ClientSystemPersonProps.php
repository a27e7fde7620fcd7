<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

/** What a client's system calls somebody of whom nobody knows who it is. */
final readonly class ClientSystemPersonProps
{
    public function __construct(public int $id, public string $called)
    {
    }
}
