<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

/** What the planned hours of a person are made of. */
final readonly class OpenedLoadProps
{
    /** @param  list<LoadPartProps>  $parts  the largest first */
    public function __construct(public string $code, public string $name, public array $parts)
    {
    }
}
