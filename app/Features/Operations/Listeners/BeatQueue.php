<?php

declare(strict_types=1);

namespace App\Features\Operations\Listeners;

use App\Features\Operations\Actions\Beat;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Carbon;

/** Shows once a minute that a worker of the queue looks for jobs. */
final class BeatQueue
{
    private const SECONDS = 60;

    private int $last = 0;

    public function __construct(private readonly Beat $beat)
    {
    }

    public function handle(Looping $event): void
    {
        $now = Carbon::now()->getTimestamp();
        if ($now - $this->last >= self::SECONDS) {
            $this->last = $now;
            $this->beat->handle(Beat::QUEUE);
        }
    }
}
