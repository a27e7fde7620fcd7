<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

use Moss\Core\Pay\PayKind;

/** A kind of pay, and what a client's system calls it. */
final readonly class CalledKindProps
{
    /** @param  string  $called  empty where it has our name */
    public function __construct(public PayKind $kind, public string $name, public string $called)
    {
    }
}
