<?php

declare(strict_types=1);

namespace Moss\Core\Leave;

/**
 * What everybody may take of a kind of absence in a year, in half days.
 */
final readonly class AllowanceRule
{
    /**
     * @param  int<0, max>  $halfDays  of each year
     * @param  int<0, max>  $carriedAtMost  half days that are left of a year and can be taken in the next
     * @param  int  $firstYear  before which nothing is counted
     */
    public function __construct(public int $halfDays, public int $carriedAtMost, public int $firstYear)
    {
    }
}
