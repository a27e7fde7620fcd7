<?php

declare(strict_types=1);

namespace Moss\Core\Appointments;

/** Where a person put an appointment before: inked it there, or moved it there. */
final readonly class PastChoice
{
    /** @param  int|null  $role  in which it was */
    public function __construct(public string $title, public string $series, public int $task, public ?int $role)
    {
    }
}
