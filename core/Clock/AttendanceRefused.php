<?php

declare(strict_types=1);

namespace Moss\Core\Clock;

use DomainException;
use Moss\Core\CoreError;

/** Times of a day that make no sense together. */
final class AttendanceRefused extends DomainException implements CoreError
{
    /** @param  bool  $isOfBreaks  whether its breaks lie outside, on one another, or backwards; else there is nothing left of it */
    private function __construct(public readonly bool $isOfBreaks)
    {
        parent::__construct($isOfBreaks ? 'Breaks outside the day or on one another' : 'Nothing is left between start and end');
    }

    public static function breaks(): self
    {
        return new self(true);
    }

    public static function reversed(): self
    {
        return new self(false);
    }
}
