<?php

declare(strict_types=1);

namespace App\Pay\Props;

/** How much of a week is of one kind, and what that kind is called. */
final readonly class PayKindProps
{
    /** @param  string  $kind  one of `PayKind`, or the code of a premium */
    public function __construct(public string $kind, public string $name, public int $minutes)
    {
    }
}
