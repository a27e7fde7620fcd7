<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

/** What of a figure lies on one task with one person, or with nobody by name. */
final readonly class OpenedPartProps
{
    /** @param  string  $code  project and task */
    public function __construct(public string $code, public string $task, public ?string $person, public int $minutes)
    {
    }
}
