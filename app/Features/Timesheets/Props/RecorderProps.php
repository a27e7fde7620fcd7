<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Props;

/** Somebody whom the reader lets record in their sheet. */
final readonly class RecorderProps
{
    public function __construct(public string $code, public string $name, public bool $maySubmit)
    {
    }
}
