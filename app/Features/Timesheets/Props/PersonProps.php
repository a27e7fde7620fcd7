<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Props;

/** Somebody who could be named. */
final readonly class PersonProps
{
    public function __construct(public string $code, public string $name)
    {
    }
}
