<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Props;

/** A task tracker. */
final readonly class TrackerRowProps
{
    /** @param  int  $links  projects that are linked with it */
    public function __construct(public int $id, public string $name, public string $address, public int $links)
    {
    }
}
