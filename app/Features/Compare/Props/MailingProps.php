<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use Moss\Core\Calendar\PeriodUnit;

/** When a saved comparison is mailed to its reader. */
final readonly class MailingProps
{
    /** @param  int  $day  weekday from 1 for Monday, or day of the month */
    public function __construct(public PeriodUnit $rhythm, public int $day)
    {
    }
}
