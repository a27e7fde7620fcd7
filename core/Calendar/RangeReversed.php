<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use DomainException;
use Moss\Core\CoreError;

/** A range whose last day lies before its first. */
final class RangeReversed extends DomainException implements CoreError
{
    private function __construct(public readonly Day $first, public readonly Day $last)
    {
        parent::__construct(sprintf('%s is before %s', $last->toString(), $first->toString()));
    }

    public static function between(Day $first, Day $last): self
    {
        return new self($first, $last);
    }
}
