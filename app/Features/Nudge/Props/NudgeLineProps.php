<?php

declare(strict_types=1);

namespace App\Features\Nudge\Props;

/** What is pencilled on one line. */
final readonly class NudgeLineProps
{
    public function __construct(public string $line, public string $task, public string $project, public ?string $role, public int $minutes, public string $why)
    {
    }
}
