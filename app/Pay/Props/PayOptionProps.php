<?php

declare(strict_types=1);

namespace App\Pay\Props;

/** A kind of pay that may be chosen for an entry. */
final readonly class PayOptionProps
{
    /** @param  string  $kind  overtime or double time, which is moved within the rule, or the code of a premium */
    public function __construct(public string $kind, public string $name)
    {
    }
}
