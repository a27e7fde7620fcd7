<?php

declare(strict_types=1);

namespace App\Features\Operations\Jobs;

use App\Features\Operations\Actions\Beat;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Shows that the queue is at work. While one waits no other is added, so that a queue that stands still does not fill up. */
final class BeatQueue implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds after which another may wait in any case. */
    public int $uniqueFor = 3600;

    public function handle(Beat $beat): void
    {
        $beat->handle(Beat::QUEUE);
    }
}
