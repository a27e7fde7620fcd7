<?php

declare(strict_types=1);

namespace App\Exchange\Props;

/** A cell before and after an import. */
final readonly class TransferChangeProps
{
    public function __construct(public string $column, public string $before, public string $after)
    {
    }
}
