<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

use Moss\Core\Calendar\Day;

/**
 * Minutes of a day that are of a kind, and why.
 */
final readonly class PayShare
{
    /** @param  int  $minutes  more than none */
    public function __construct(public Day $day, public PayKind $kind, public PayCause $cause, public int $minutes)
    {
    }
}
