<?php

declare(strict_types=1);

namespace Simulated\Tracker;

/** Somebody who works with the tracker. */
final readonly class Member
{
    public function __construct(public string $login, public string $name, public string $email)
    {
    }
}
