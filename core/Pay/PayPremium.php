<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

/**
 * A kind of pay that people choose for their time themselves, such as stand-by or a late shift.
 */
final readonly class PayPremium
{
    /**
     * @param  string  $code  as in the kinds of an entry; none of those of `PayKind`
     * @param  bool  $isWork  whether its minutes count towards the thresholds of a rule; then it is paid for regular time alone
     */
    public function __construct(public string $code, public bool $isWork)
    {
    }
}
