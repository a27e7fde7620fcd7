<?php

declare(strict_types=1);

namespace App\Lookup\Props;

/** Something to choose, by its code. */
final readonly class OptionProps
{
    public function __construct(public string $code, public string $name)
    {
    }
}
