<?php

declare(strict_types=1);

namespace App\Pay\Props;

use Moss\Core\Pay\PayKind;

/** How much of a week is of one kind, and what that kind is called. */
final readonly class PayKindProps
{
    public function __construct(public PayKind $kind, public string $name, public int $minutes)
    {
    }
}
