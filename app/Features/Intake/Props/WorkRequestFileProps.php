<?php

declare(strict_types=1);

namespace App\Features\Intake\Props;

/** A file that came with a request. */
final readonly class WorkRequestFileProps
{
    public function __construct(public int $id, public string $name, public int $size)
    {
    }
}
