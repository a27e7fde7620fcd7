<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** Days on which somebody was not employed. */
final readonly class PersonBreak
{
    public function __construct(public string $first, public string $last)
    {
    }
}
