<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

/**
 * A part of an amount, and the rate at which it is taxed; both in hundredths of a percent.
 */
final readonly class TaxShare
{
    public const WHOLE = 10_000;

    /**
     * @param  int  $rate  0 to 9,999 (99.99 %)
     * @param  int  $share  1 to 10,000 (all of it)
     *
     * @throws NotAnAmount
     */
    public function __construct(public int $rate, public int $share = self::WHOLE)
    {
        if ($rate < 0 || $rate >= self::WHOLE || $share < 1 || $share > self::WHOLE) {
            throw NotAnAmount::text($rate.' of '.$share);
        }
    }
}
