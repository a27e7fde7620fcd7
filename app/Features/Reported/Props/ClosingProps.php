<?php

declare(strict_types=1);

namespace App\Features\Reported\Props;

/** A period that was closed. */
final readonly class ClosingProps
{
    /** @param  string  $at  when, in UTC */
    public function __construct(public int $id, public string $until, public string $at, public string $by)
    {
    }
}
