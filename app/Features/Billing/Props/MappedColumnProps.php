<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

/** A column of a billing file under its heading. */
final readonly class MappedColumnProps
{
    public function __construct(public string $column, public string $heading)
    {
    }
}
