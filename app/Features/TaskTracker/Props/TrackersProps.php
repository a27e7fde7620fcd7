<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Props;

/** All task trackers. */
final readonly class TrackersProps
{
    /** @param  list<TrackerRowProps>  $rows */
    public function __construct(public array $rows)
    {
    }
}
