<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** What the address of everything names that is done to a sheet: whose it is, and which week. */
final readonly class SheetAddressProps
{
    public function __construct(public string $person, public string $week)
    {
    }
}
