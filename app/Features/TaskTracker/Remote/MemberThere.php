<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Remote;

/** Somebody as a task tracker knows them. */
final readonly class MemberThere
{
    public function __construct(public string $login, public string $name, public string $email)
    {
    }
}
