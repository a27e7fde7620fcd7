<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

/** A kind of pay, and what a client's system calls it. */
final readonly class CalledKindProps
{
    /**
     * @param  string  $kind  one of `PayKind`, or the code of a premium
     * @param  string  $called  empty where it has our name
     */
    public function __construct(public string $kind, public string $name, public string $called)
    {
    }
}
