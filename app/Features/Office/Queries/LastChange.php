<?php

declare(strict_types=1);

namespace App\Features\Office\Queries;

/** When something was last changed, and by whom; null for the system. */
final readonly class LastChange
{
    public function __construct(public string $at, public ?string $name)
    {
    }
}
