<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

/** Somebody who has time. */
final readonly class FreePersonProps
{
    /** @param  string|null  $by  the day by which all that is needed is free; null where it is not */
    public function __construct(public string $code, public string $name, public ?string $team, public int $free, public ?string $by)
    {
    }
}
