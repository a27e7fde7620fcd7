<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

/** What two systems have under one charge code; minutes. */
final readonly class ComparedCodeProps
{
    public function __construct(public string $code, public int $here, public int $there)
    {
    }
}
