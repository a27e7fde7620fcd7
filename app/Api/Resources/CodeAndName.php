<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** Something that is known by a code. */
final readonly class CodeAndName
{
    public function __construct(public string $code, public string $name)
    {
    }
}
