<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Jobs;

use App\Features\TaskTracker\Actions\SyncLink;
use App\Models\TrackerLink;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Brings one project and its counterpart together; only one at a time of each. */
final class SyncLinkJob implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 300;

    public int $uniqueFor = 310;

    public function __construct(public readonly int $link)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->link;
    }

    public function handle(SyncLink $sync): void
    {
        $link = TrackerLink::query()->with(['tracker', 'project', 'linkedBy'])->find($this->link);
        if ($link !== null) {
            $sync->handle($link);
        }
    }
}
