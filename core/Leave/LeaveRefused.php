<?php

declare(strict_types=1);

namespace Moss\Core\Leave;

use DomainException;
use Moss\Core\Calendar\Day;
use Moss\Core\CoreError;

/** Days that cannot be asked for as one request. */
final class LeaveRefused extends DomainException implements CoreError
{
    private function __construct(public readonly LeaveFault $fault, string $message)
    {
        parent::__construct($message);
    }

    public static function tooLong(int $days): self
    {
        return new self(LeaveFault::TooLong, "$days days are more than ".LeaveSpan::LONGEST);
    }

    public static function empty(Day $day): self
    {
        return new self(LeaveFault::Empty, $day->toString().' cannot both begin and end at midday');
    }
}
