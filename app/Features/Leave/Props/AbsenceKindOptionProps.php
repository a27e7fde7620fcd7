<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

/** A kind of absence to choose. */
final readonly class AbsenceKindOptionProps
{
    public function __construct(public int $id, public string $name, public bool $needsApproval)
    {
    }
}
