<?php

declare(strict_types=1);

namespace Moss\Core\Clock;

use DomainException;
use Moss\Core\CoreError;

/** A text or number that is no time of day. */
final class NotAClockTime extends DomainException implements CoreError
{
    private function __construct(public readonly string $given)
    {
        parent::__construct('No time of day: '.$given);
    }

    public static function text(string $text): self
    {
        return new self($text);
    }

    public static function outsideDay(int $minute): self
    {
        return new self((string) $minute);
    }
}
