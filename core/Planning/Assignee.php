<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

/**
 * Who holds remaining hours on a task: a person or a team.
 */
final readonly class Assignee
{
    private function __construct(public bool $isTeam, public string $code)
    {
    }

    public static function person(string $code): self
    {
        return new self(false, $code);
    }

    public static function team(string $code): self
    {
        return new self(true, $code);
    }

    /** Sorts by code in byte order, a person before a team of the same code. */
    public function key(): string
    {
        return $this->code.($this->isTeam ? "\x01" : "\x00");
    }
}
