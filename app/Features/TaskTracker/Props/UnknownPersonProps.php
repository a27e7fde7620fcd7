<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Props;

/** Somebody of whom nobody knows who it is here. */
final readonly class UnknownPersonProps
{
    /** @param  int  $minutes  logged there and not here */
    public function __construct(public int $id, public string $login, public string $name, public string $email, public int $minutes)
    {
    }
}
