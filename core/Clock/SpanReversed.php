<?php

declare(strict_types=1);

namespace Moss\Core\Clock;

use DomainException;
use Moss\Core\CoreError;

/** An end that does not come after its start. */
final class SpanReversed extends DomainException implements CoreError
{
    private function __construct(public readonly ClockTime $starts, public readonly ClockTime $ends)
    {
        parent::__construct($ends->toString().' does not come after '.$starts->toString());
    }

    public static function between(ClockTime $starts, ClockTime $ends): self
    {
        return new self($starts, $ends);
    }
}
