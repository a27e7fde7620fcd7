<?php

declare(strict_types=1);

namespace App\Features\Appointments\Props;

/** A task that an appointment can be put on. */
final readonly class PlaceProps
{
    public function __construct(public string $line, public string $name)
    {
    }
}
