<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

/** What is planned for somebody on a task. */
final readonly class LoadPartProps
{
    /** @param  bool  $mayOpen  whether the reader may look at the plan */
    public function __construct(public string $projectCode, public string $project, public string $task, public int $minutes, public bool $mayOpen)
    {
    }
}
